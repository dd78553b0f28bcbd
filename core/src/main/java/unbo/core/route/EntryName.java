package unbo.core.route;

/**
 * What an entry of a stage is about, so that a second one for another bearing, ring or way stands beside it.
 *
 * @param code the same for every keep of the same entry; empty where a stage has but one
 * @param words what it is about, as printed above it
 */
public record EntryName(String code, String words) {

    /** Of a stage that has but one entry. */
    public static final EntryName ONLY = new EntryName("", "");
}

package unbo.core.tool;

/**
 * What a tool is called and where the bench lists it.
 *
 * @param name stable, for addresses and documents: small letters, figures, hyphens
 * @param asks the question in a sentence
 * @param rank its rank within the part of the work, small ones first; ties by name
 */
public record About(String name, String title, String asks, Work work, int rank) {

    public About {
        if (!name.matches("[a-z][a-z0-9-]{1,39}")) {
            throw new IllegalArgumentException("“" + name + "” is no name of a tool");
        }
    }
}

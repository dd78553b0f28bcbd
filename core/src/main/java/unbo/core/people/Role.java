package unbo.core.people;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;

/** What somebody is in the workshop, and what he may do by that. */
public enum Role {
    OWNER("owner", EnumSet.allOf(Right.class)),
    MECHANIC("mechanic", EnumSet.of(Right.SIGN, Right.REOPEN, Right.TAKE_AWAY, Right.FILES)),
    /** Works at every stage; somebody else signs. */
    APPRENTICE("apprentice", EnumSet.noneOf(Right.class));

    private final String words;
    private final Set<Right> rights;

    Role(String words, Set<Right> rights) {
        this.words = words;
        this.rights = rights;
    }

    public String words() {
        return words;
    }

    public boolean may(Right right) {
        return rights.contains(right);
    }

    /** By its word; empty for what is none. */
    public static Optional<Role> of(String words) {
        return Arrays.stream(values())
                .filter(role -> role.words.equalsIgnoreCase(words.strip()))
                .findFirst();
    }
}

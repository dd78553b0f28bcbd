package unbo.app.practice;

import java.util.Locale;

import unbo.app.people.Person;

/** Whom practice counts for. */
final class Who {

    private static final int LONGEST = 10;

    private Who() {}

    /** Initials as typed, else of who is here by name; empty where neither tells. */
    static String of(String typed) {
        String initials = typed.strip().toUpperCase(Locale.ROOT);
        return initials.isEmpty()
                ? Person.here().map(Person::initials).orElse("")
                : initials.substring(0, Math.min(LONGEST, initials.length()));
    }
}

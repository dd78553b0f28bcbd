package unbo.app.people;

import java.util.List;
import java.util.Optional;

import org.springframework.security.core.Authentication;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.core.userdetails.User;

import unbo.core.people.Role;

/** Somebody who came in, by his account or by the shared passphrase. */
public final class Person extends User {

    private static final long serialVersionUID = 1;

    private final Long id;
    private final String initials;
    private final Role role;

    /** @param id of the account; null for who has the passphrase alone */
    Person(Long id, String name, String initials, Role role, String password) {
        super(name, password, List.of(new SimpleGrantedAuthority("ROLE_" + role.name())));
        this.id = id;
        this.initials = initials;
        this.role = role;
    }

    /** Who asks; empty where nobody is asked who he is. */
    public static Optional<Person> here() {
        Authentication who = SecurityContextHolder.getContext().getAuthentication();
        return who != null && who.getPrincipal() instanceof Person person ? Optional.of(person) : Optional.empty();
    }

    /** Number of his account; null for who has the passphrase alone. */
    public Long id() {
        return id;
    }

    /** As they stand on paper; empty for who has the passphrase alone. */
    public String initials() {
        return initials;
    }

    public Role role() {
        return role;
    }

    @Override
    public boolean equals(Object other) {
        return super.equals(other);
    }

    @Override
    public int hashCode() {
        return super.hashCode();
    }
}

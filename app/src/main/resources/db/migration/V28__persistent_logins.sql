-- Browsers that gave the passphrase, as Spring Security keeps them.
CREATE TABLE persistent_logins (
    username  VARCHAR(90) NOT NULL,
    series    VARCHAR(64) NOT NULL PRIMARY KEY,
    token     VARCHAR(64) NOT NULL,
    last_used TIMESTAMP   NOT NULL
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

package unbo.app.web;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;

import org.springframework.beans.factory.annotation.Value;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.support.SQLExceptionSubclassTranslator;
import org.springframework.stereotype.Controller;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;

/** Only for tests: pages that run into what a database really says when it is full or gone. */
@Controller
@RequestMapping("/test")
public class Broken {

    private final JdbcTemplate jdbc;

    private final String url;
    private final String user;
    private final String password;

    Broken(
            JdbcTemplate jdbc,
            @Value("${spring.datasource.url}") String url,
            @Value("${spring.datasource.username}") String user,
            @Value("${spring.datasource.password}") String password) {
        this.jdbc = jdbc;
        this.url = url;
        this.user = user;
        this.password = password;
    }

    @PostMapping("/full")
    String full() {
        jdbc.execute("set session max_heap_table_size = 16384");
        jdbc.execute("create temporary table if not exists crammed (text varchar(2000)) engine = memory");
        for (int i = 0; i < 1000; i++) {
            jdbc.update("insert into crammed values (repeat('x', 2000))");
        }
        return "redirect:/";
    }

    @PostMapping("/unfit")
    String unfit() {
        jdbc.execute("create temporary table if not exists narrow (text varchar(5))");
        jdbc.update("insert into narrow values ('longer than five')");
        return "redirect:/";
    }

    /** Ends its own connection in the middle of a transaction. */
    @PostMapping("/lost")
    @Transactional
    public String lost() {
        long own = jdbc.queryForObject("select connection_id()", Long.class);
        try (Connection other = DriverManager.getConnection(url, user, password)) {
            other.createStatement().execute("kill " + own);
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
        jdbc.update("insert into vehicle (name) values ('never')");
        return "redirect:/";
    }

    @PostMapping("/fault")
    String fault() {
        throw new IllegalStateException("a fault for the test");
    }

    @RequestMapping("/gone")
    String gone() {
        try {
            DriverManager.getConnection("jdbc:mariadb://127.0.0.1:1/unbo?connectTimeout=500")
                    .close();
            return "redirect:/";
        } catch (SQLException e) {
            throw new SQLExceptionSubclassTranslator().translate("connect", null, e);
        }
    }
}

package unbo.app.web;

import java.sql.DriverManager;
import java.sql.SQLException;

import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.support.SQLExceptionSubclassTranslator;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;

/** Only for tests: pages that run into what a database really says when it is full or gone. */
@Controller
@RequestMapping("/test")
class Broken {

    private final JdbcTemplate jdbc;

    Broken(JdbcTemplate jdbc) {
        this.jdbc = jdbc;
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

    @RequestMapping("/gone")
    String gone() {
        try {
            DriverManager.getConnection("jdbc:mariadb://127.0.0.1:1/unbo?connectTimeout=500").close();
            return "redirect:/";
        } catch (SQLException e) {
            throw new SQLExceptionSubclassTranslator().translate("connect", null, e);
        }
    }
}

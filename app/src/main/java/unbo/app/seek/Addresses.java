package unbo.app.seek;

import java.util.Map;
import java.util.TreeMap;

import org.springframework.web.util.UriComponentsBuilder;

import unbo.core.seek.Meaning.Lead;

/** Where the pages stand that the core knows by name. */
final class Addresses {

    private static final Map<String, String> PAGES = Map.ofEntries(
            Map.entry("catalogue", "/catalogue"),
            Map.entry("plates", "/bench/race-map/plates"),
            Map.entry("stock", "/stock"),
            Map.entry("grease-shelf", "/stock/grease"),
            Map.entry("due", "/due"),
            Map.entry("day", "/day"),
            Map.entry("practice", "/practice"),
            Map.entry("new-visit", "/visits/new"),
            Map.entry("vehicles", "/vehicles"),
            Map.entry("settings", "/settings"),
            Map.entry("take-in", "/take-in"));

    private Addresses() {}

    /** A tool's page on the bench, or a page that is none, with what is typed there. */
    static String of(Lead lead) {
        if (lead.page().equals("plates")) {
            return PAGES.get("plates")
                    + (lead.inputs().containsKey("mode") ? "#" + lead.inputs().get("mode") : "");
        }
        return with(PAGES.getOrDefault(lead.page(), "/bench/" + lead.page()), lead.inputs());
    }

    static String with(String path, Map<String, String> inputs) {
        UriComponentsBuilder address = UriComponentsBuilder.fromPath(path);
        Map<String, String> told = new TreeMap<>(inputs);
        told.values().removeIf(String::isBlank);
        told.keySet().forEach(name -> address.queryParam(name, "{" + name + "}"));
        return address.encode().buildAndExpand(told).toUriString();
    }
}

package unbo.core.tool;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.ServiceLoader;
import java.util.function.Function;
import java.util.stream.Collectors;

/** All tools there are, in the order of the work. */
public final class Tools {

    private static final List<Tool<?, ?>> ALL = found();
    private static final Map<String, Tool<?, ?>> BY_NAME =
            ALL.stream().collect(Collectors.toUnmodifiableMap(Tool::name, Function.identity()));

    private Tools() {}

    private static List<Tool<?, ?>> found() {
        return ServiceLoader.load(Offered.class, Tools.class.getClassLoader()).stream()
                .<Tool<?, ?>>map(offered -> (Tool<?, ?>) offered.get())
                .sorted(Comparator.<Tool<?, ?>, Work>comparing(
                                tool -> tool.about().work())
                        .thenComparing(tool -> tool.about().rank())
                        .thenComparing(Tool::name))
                .toList();
    }

    public static List<Tool<?, ?>> all() {
        return ALL;
    }

    /** The tools of a part of the work. */
    public static List<Tool<?, ?>> of(Work work) {
        return ALL.stream().filter(tool -> tool.about().work() == work).toList();
    }

    public static Optional<Tool<?, ?>> named(String name) {
        return Optional.ofNullable(BY_NAME.get(name));
    }
}

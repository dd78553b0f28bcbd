package unbo.core;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** How the sources are laid out, of all modules. */
class SourcesTest {

    private static final int WIDEST = 120;

    private static List<Path> sources(String folder) throws IOException {
        try (Stream<Path> files = Files.walk(Path.of("..", folder))) {
            return files.filter(file -> file.toString().endsWith(".java")).toList();
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"core/src", "app/src", "speed/src", "tools"})
    void noLineIsWiderThanAPage(String folder) throws IOException {
        List<String> wide = new ArrayList<>();
        for (Path file : sources(folder)) {
            List<String> lines = Files.readAllLines(file);
            for (int i = 0; i < lines.size(); i++) {
                if (lines.get(i).codePointCount(0, lines.get(i).length()) > WIDEST) {
                    wide.add(file + ":" + (i + 1));
                }
            }
        }
        assertThat(wide).isEmpty();
    }

    @Test
    void everyPackageSaysInASentenceWhatItHolds() throws IOException {
        Set<Path> without = new TreeSet<>();
        for (String folder : List.of("core/src/main", "app/src/main", "speed/src/main")) {
            sources(folder).forEach(file -> without.add(file.getParent()));
        }
        assertThat(without).hasSizeGreaterThan(50);
        without.removeIf(SourcesTest::said);
        assertThat(without).isEmpty();
    }

    @Test
    void everyPackageOfTheCoreDeclaresWhatMayBeNull() throws IOException {
        List<Path> packages = sources("core/src/main").stream()
                .filter(file -> file.endsWith("package-info.java"))
                .toList();
        assertThat(packages)
                .hasSizeGreaterThan(30)
                .allSatisfy(file -> assertThat(file).content().contains("@NullMarked"));
    }

    private static boolean said(Path folder) {
        try {
            String text = Files.readString(folder.resolve("package-info.java"));
            return text.replaceAll("[/*\\s]+", " ").matches(" [A-Z][^.]+\\. (@NullMarked )?package .*;.*");
        } catch (IOException none) {
            return false;
        }
    }
}

package unbo.app.data;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;

/** That a damaged data file ends the start and is named, whichever it is. */
class TablesAtStartTest {

    private static final ClassLoader SOUND = TablesAtStartTest.class.getClassLoader();
    private static final String CORE = "unbo/core/";

    /** The core once more, with one of its data files changed. */
    private static final class Damaged extends ClassLoader {

        /** Tools of the tests, which are offered beside the core's. */
        private static final String TRIAL = "unbo.app.tool.trial.";

        private final String file;
        private final UnaryOperator<String> change;

        Damaged(String file, UnaryOperator<String> change) {
            super(SOUND);
            this.file = CORE + file;
            this.change = change;
        }

        @Override
        protected Class<?> loadClass(String name, boolean resolve) throws ClassNotFoundException {
            if (!name.startsWith(CORE.replace('/', '.')) && !name.startsWith(TRIAL)) {
                return super.loadClass(name, resolve);
            }
            synchronized (getClassLoadingLock(name)) {
                Class<?> there = findLoadedClass(name);
                return there != null ? there : define(name);
            }
        }

        private Class<?> define(String name) throws ClassNotFoundException {
            try (InputStream in = SOUND.getResourceAsStream(name.replace('.', '/') + ".class")) {
                if (in == null) {
                    throw new ClassNotFoundException(name);
                }
                byte[] code = in.readAllBytes();
                return defineClass(name, code, 0, code.length);
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }

        @Override
        public InputStream getResourceAsStream(String name) {
            return name.equals(file)
                    ? new ByteArrayInputStream(change.apply(text(name)).getBytes(StandardCharsets.UTF_8))
                    : super.getResourceAsStream(name);
        }
    }

    private static String text(String path) {
        try (InputStream in = SOUND.getResourceAsStream(path)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    static Stream<String> files() throws IOException {
        return Arrays.stream(
                        new PathMatchingResourcePatternResolver(SOUND).getResources("classpath*:" + CORE + "**/*.csv"))
                .map(Object::toString)
                .map(file -> file.substring(file.lastIndexOf(CORE) + CORE.length(), file.lastIndexOf(".csv") + 4))
                .filter(file -> !file.equals("table/shelf.csv"))
                .sorted();
    }

    @Test
    void soundFilesAreRead() throws IOException {
        assertThat(files()).hasSizeGreaterThan(45);
        assertThat(TablesAtStart.classes(SOUND)).hasSizeGreaterThan(300);
        TablesAtStart.read(SOUND);
    }

    @ParameterizedTest
    @MethodSource("files")
    void everyFileIsReadAtTheStart(String file) {
        ClassLoader damaged = new Damaged(file, sound -> "x" + sound);
        assertThatThrownBy(() -> TablesAtStart.read(damaged)).hasMessageStartingWith(file + " has no column ");
    }

    @ParameterizedTest
    @CsvSource({
        "bearing/clearances.csv, over, is no number",
        "fit/materials.csv, poisson, is no number",
        "fit/taper-tolerances.csv, lower, is no number",
        "motion/friction.csv, kinds, names no kind",
        "catalogue/metric-boundary-dimensions.csv, bore_mm, is no number",
        "catalogue/inch-tapered-sets.csv, width_mm, is no number",
        "measure/ways.csv, mm, is no number",
        "diagnosis/likelihoods.csv, chances, names no result",
        "diagnosis/priors.csv, weight, is no number",
        "measure/units.csv, decimals, is no whole number",
        "assembly/kinds.csv, due, is not known",
        "bearing/kinds.csv, kind, is not known",
        "setting/schools.csv, school, is not known"
    })
    void aDamagedCellIsNamedByFileRowAndColumn(String file, String column, String says) {
        ClassLoader damaged = new Damaged(file, sound -> damage(sound, column));
        assertThatThrownBy(() -> TablesAtStart.read(damaged))
                .hasMessageStartingWith(file + ", row 2, column " + column + " " + says);
    }

    /** The cell of the first row under a heading, written anew. */
    private static String damage(String csv, String column) {
        String[] lines = csv.split("\r?\n", 3);
        String[] cells = lines[1].split(",", -1);
        cells[Arrays.asList(lines[0].split(",")).indexOf(column)] = "damaged 7";
        return lines[0] + "\n" + String.join(",", cells) + "\n" + lines[2];
    }
}

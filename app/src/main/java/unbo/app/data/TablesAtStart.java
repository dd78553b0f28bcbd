package unbo.app.data;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Arrays;
import java.util.List;
import java.util.ServiceConfigurationError;

import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;

import unbo.core.table.TableFault;

/**
 * Reads every data file that ships with the product before anything else is done: a cell that cannot be used ends the
 * start in a sentence, and nobody meets it in the middle of a job.
 */
public final class TablesAtStart {

    private static final String ROOT = "unbo/core/";
    private static final String CLASS = ".class";

    private TablesAtStart() {}

    /** @throws TableFault for the first cell, row or file that cannot be used */
    public static void read(ClassLoader loader) {
        classes(loader).forEach(name -> initialise(name, loader));
    }

    /** Classes of the core, which read their tables when they are initialised. */
    static List<String> classes(ClassLoader loader) {
        try {
            return Arrays.stream(new PathMatchingResourcePatternResolver(loader)
                            .getResources("classpath*:" + ROOT + "**/*" + CLASS))
                    .map(TablesAtStart::name)
                    .filter(name -> !name.endsWith("package-info"))
                    .sorted()
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static String name(Resource file) {
        try {
            String path = file.getURL().getPath();
            return path.substring(path.lastIndexOf(ROOT), path.length() - CLASS.length())
                    .replace('/', '.');
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static void initialise(String name, ClassLoader loader) {
        try {
            Class.forName(name, true, loader);
        } catch (ClassNotFoundException e) {
            throw new IllegalStateException(e);
        } catch (ExceptionInInitializerError | ServiceConfigurationError e) {
            throw fault(e);
        }
    }

    /** The fault of a table, which a class that is offered as a service hides deeper. */
    private static RuntimeException fault(Error error) {
        RuntimeException deepest = null;
        for (Throwable cause = error.getCause(); cause != null; cause = cause.getCause()) {
            if (cause instanceof RuntimeException fault) {
                deepest = fault;
            }
        }
        if (deepest == null) {
            throw error;
        }
        return deepest;
    }
}

package unbo.core;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import javax.lang.model.element.Modifier;
import javax.tools.JavaCompiler;
import javax.tools.StandardJavaFileManager;
import javax.tools.ToolProvider;

import com.sun.source.tree.AnnotationTree;
import com.sun.source.tree.ClassTree;
import com.sun.source.tree.CompilationUnitTree;
import com.sun.source.tree.MethodTree;
import com.sun.source.tree.Tree;
import com.sun.source.tree.VariableTree;
import com.sun.source.util.JavacTask;
import com.sun.source.util.TreeScanner;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** How much a record, a method and a template may hold, of all modules. */
class SizesTest {

    private static final int MOST_PARTS = 8;
    private static final int MOST_PARAMETERS = 6;
    private static final int MOST_COLLABORATORS = 10;
    private static final int WIDEST = 120;

    /** Members of a JSON answer or of a file, which are flat by contract. */
    private static final Set<String> CONTRACTS = Set.of(
            "DecodeTool.Decoding",
            "SeatTool.MeasuredSeat",
            "ShaftLifeTool.ShaftSide",
            "GreaseTool.BearingGrams",
            "StackApi.Stacked",
            "AssemblyApi.AssemblyKindOf",
            "AssemblyApi.ApartStepOf",
            "AssemblyApi.TogetherStep",
            "AssemblyBody.JointBody",
            "StageEntry",
            "StageDocument",
            "JobRecord",
            "UnboFile.VehiclePart",
            "UnboFile.PositionPart");

    /** Rows of a query, which its language makes of a list of columns. */
    private static final Set<String> ROWS = Set.of("JobLine", "OpenLine", "DueLine", "FollowUpLine");

    private static final List<String> LARGE_RECORDS = new ArrayList<>();
    private static final List<String> LARGE_METHODS = new ArrayList<>();
    private static int records;

    @BeforeAll
    static void read() throws IOException {
        JavaCompiler compiler = ToolProvider.getSystemJavaCompiler();
        StandardJavaFileManager files = compiler.getStandardFileManager(null, null, null);
        List<Path> sources = new ArrayList<>();
        for (String module : List.of("core", "app", "speed")) {
            try (Stream<Path> walk = Files.walk(Path.of("..", module, "src", "main", "java"))) {
                walk.filter(file -> file.toString().endsWith(".java")).forEach(sources::add);
            }
        }
        JavacTask task = (JavacTask) compiler.getTask(
                null, files, told -> {}, List.of("-proc:none"), null, files.getJavaFileObjectsFromPaths(sources));
        for (CompilationUnitTree unit : task.parse()) {
            new Sizes().scan(unit, "");
        }
    }

    private static final class Sizes extends TreeScanner<Void, String> {

        private boolean record;
        private boolean bean;

        @Override
        public Void visitClass(ClassTree type, String outer) {
            String name = outer.isEmpty() ? type.getSimpleName().toString() : outer + "." + type.getSimpleName();
            boolean wasRecord = record;
            boolean wasBean = bean;
            record = type.getKind() == Tree.Kind.RECORD;
            bean = type.getModifiers().getAnnotations().stream()
                    .map(AnnotationTree::getAnnotationType)
                    .map(Object::toString)
                    .anyMatch(Set.of("Page", "Service", "Component", "RestController")::contains);
            if (record) {
                records++;
                long parts = type.getMembers().stream()
                        .filter(member -> member instanceof VariableTree field
                                && !field.getModifiers().getFlags().contains(Modifier.STATIC))
                        .count();
                if (parts > MOST_PARTS && !CONTRACTS.contains(name) && !ROWS.contains(name)) {
                    LARGE_RECORDS.add(name + ": " + parts);
                }
            }
            super.visitClass(type, name);
            record = wasRecord;
            bean = wasBean;
            return null;
        }

        @Override
        public Void visitMethod(MethodTree method, String of) {
            boolean made = method.getName().contentEquals("<init>");
            boolean query = method.getModifiers().getAnnotations().stream()
                    .anyMatch(a -> a.getAnnotationType().toString().equals("Query"));
            int most = made && bean ? MOST_COLLABORATORS : MOST_PARAMETERS;
            boolean counted = made && record || CONTRACTS.contains(of) || ROWS.contains(of) || query;
            if (method.getParameters().size() > most && !counted) {
                LARGE_METHODS.add(of + "." + method.getName() + ": "
                        + method.getParameters().size());
            }
            return super.visitMethod(method, of);
        }
    }

    /** Nested or made by name where they were more; what is flat by contract is named above. */
    @Test
    void noRecordHasMoreThanEightParts() {
        assertThat(records).isGreaterThan(300);
        assertThat(LARGE_RECORDS).isEmpty();
    }

    /** A record's constructor is as long as its record, a bean's takes its collaborators. */
    @Test
    void noMethodHasMoreThanSixParameters() {
        assertThat(LARGE_METHODS).isEmpty();
    }

    @Test
    void noLineOfATemplateOrAScriptIsWiderThanAPage() throws IOException {
        List<String> wide = new ArrayList<>();
        int read = 0;
        for (String folder : List.of("src/main/resources/templates", "frontend/scripts", "frontend/tests")) {
            try (Stream<Path> walk = Files.walk(Path.of("..", "app").resolve(folder))) {
                for (Path file : walk.filter(Files::isRegularFile).toList()) {
                    read++;
                    List<String> lines = Files.readAllLines(file);
                    for (int i = 0; i < lines.size(); i++) {
                        if (lines.get(i).codePointCount(0, lines.get(i).length()) > WIDEST) {
                            wide.add(file + ":" + (i + 1));
                        }
                    }
                }
            }
        }
        assertThat(read).isGreaterThan(60);
        assertThat(wide).isEmpty();
    }
}

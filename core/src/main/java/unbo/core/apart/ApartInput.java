package unbo.core.apart;

import java.util.List;
import java.util.Set;

import unbo.core.assembly.Assembly;

/**
 * What is to come apart, with what, and what of it is to be used again.
 *
 * @param tools codes of the tools at hand
 * @param keep codes of the parts to be used again
 * @param forbidden codes of methods that are not to be used
 */
public record ApartInput(Assembly assembly, Set<String> tools, List<String> keep, Set<String> forbidden) {

    /** Joints that are planned in one piece. */
    public static final int MOST_JOINTS = 24;

    public ApartInput {
        tools = Set.copyOf(tools);
        keep = List.copyOf(keep);
        forbidden = Set.copyOf(forbidden);
    }

    public static ApartInput of(Assembly assembly, Set<String> tools, List<String> keep) {
        return new ApartInput(assembly, tools, keep, Set.of());
    }
}

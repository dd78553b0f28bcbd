package unbo.app.job;

import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

import unbo.app.instrument.AttachedInstruments;
import unbo.app.instrument.LiveView;
import unbo.core.assembly.AssemblyKind;
import unbo.core.proof.ProofItem;
import unbo.core.route.StageRules;
import unbo.core.stage.RouteStage;

/** Prove asks by the kind of assembly, and reads instruments. */
@Component
class ProveFace implements StageFace {

    private static final String KIND = "assembly";
    private static final String PROOF = "proof-";
    private static final String INITIALS = "initials";

    private final AttachedInstruments instruments;

    ProveFace(AttachedInstruments instruments) {
        this.instruments = instruments;
    }

    @Override
    public RouteStage stage() {
        return RouteStage.PROVE;
    }

    @Override
    public Set<String> chooses() {
        return Set.of(KIND);
    }

    @Override
    public boolean chosen(String name, String text) {
        return AssemblyKind.find(text).isPresent();
    }

    private static final List<String> WARMTH = List.of("hubTemperature", "twinTemperature", "run");

    /** What readings prove before anybody signs; who proved it; then what a run proves, which may come later. */
    @Override
    public List<String> asksFirst(Showing shown) {
        return Stream.of(
                        reads(shown, ProofItem.Need.YES) ? List.of("push", "pull") : List.<String>of(),
                        List.of(INITIALS),
                        reads(shown, ProofItem.Need.LATER) ? WARMTH : List.<String>of())
                .flatMap(List::stream)
                .toList();
    }

    private boolean reads(Showing shown, ProofItem.Need need) {
        return ProofItem.of(kind(shown)).stream()
                .anyMatch(item -> item.measured() && item.need() == need && !said(shown, item));
    }

    /** What a look or a hand proves, in the order of the sheet; of those that stand for each other, one. */
    @Override
    public List<String> plays(Showing shown) {
        List<ProofItem> items = ProofItem.of(kind(shown));
        return items.stream()
                .filter(item -> !item.measured())
                .filter(item -> item.group().isEmpty()
                        || items.stream()
                                .noneMatch(other -> !other.equals(item)
                                        && other.group().equals(item.group())
                                        && said(shown, other)))
                .map(item -> PROOF + item.code())
                .toList();
    }

    private static boolean said(Showing shown, ProofItem item) {
        return !shown.typed().text(PROOF + item.code()).isBlank();
    }

    private static AssemblyKind kind(Showing shown) {
        return StageRules.kind(shown.sheet(), shown.typed().texts());
    }

    @Override
    public List<StageCard.Group> groups(Showing shown) {
        return List.of(
                new StageCard.Group(
                        "Every proof, why one was not done, who says so",
                        Stream.concat(
                                        proofs(shown).stream()
                                                .flatMap(proof -> Stream.of(PROOF + proof, "why-" + proof)),
                                        Stream.of(INITIALS))
                                .toList()),
                new StageCard.Group("End play, measured", List.of("push", "pull", "rock", "rimRadius")),
                new StageCard.Group("Warmth after a run", List.of("hubTemperature", "twinTemperature", "run")),
                new StageCard.Group("Runout, one turn", List.of("runout", "runoutOn", "runoutMax")));
    }

    private static List<String> proofs(Showing shown) {
        return shown.rule().asked().stream()
                .filter(name -> name.startsWith(PROOF))
                .map(name -> name.substring(PROOF.length()))
                .toList();
    }

    @Override
    public void show(Showing shown, Model model) {
        model.addAttribute("live", LiveView.proof(instruments));
        model.addAttribute("kinds", AssemblyKind.all());
        model.addAttribute("kind", kind(shown));
    }
}

package unbo.app.job;

import java.util.Set;

import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

import unbo.app.instrument.AttachedInstruments;
import unbo.app.instrument.LiveView;
import unbo.core.assembly.AssemblyKind;
import unbo.core.route.StageRules;
import unbo.core.stage.RouteStage;

/** Prove asks by the kind of assembly, and reads instruments. */
@Component
class ProveFace implements StageFace {

    private static final String KIND = "assembly";
    private static final String PROOF = "proof-";

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

    @Override
    public void show(Showing shown, Model model) {
        model.addAttribute("live", LiveView.proof(instruments));
        model.addAttribute("kinds", AssemblyKind.all());
        model.addAttribute("kind", StageRules.kind(shown.sheet(), shown.typed().texts()));
        model.addAttribute(
                "proofs",
                shown.rule().asked().stream()
                        .filter(name -> name.startsWith(PROOF))
                        .map(name -> name.substring(PROOF.length()))
                        .toList());
    }
}

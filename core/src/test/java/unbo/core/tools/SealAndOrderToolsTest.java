package unbo.core.tools;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

import unbo.core.tools.identify.HeadSetTool;
import unbo.core.tools.identify.OrderLineTool;
import unbo.core.tools.identify.SealLedgerTool;
import unbo.core.tools.identify.SealSidesTool;
import unbo.core.tools.running.DragSumTool;
import unbo.core.tools.running.GreaseCupTool;

/** What the tools for seals, orders, heads, cups and whole vehicles judge, and where they refuse. */
class SealAndOrderToolsTest {

    private static final AskedTool<?, SealLedgerTool.Judged> LEDGER = new AskedTool<>(new SealLedgerTool());
    private static final AskedTool<?, ?> SIDES = new AskedTool<>(new SealSidesTool());
    private static final AskedTool<?, ?> ORDER = new AskedTool<>(new OrderLineTool());
    private static final AskedTool<?, ?> HEAD = new AskedTool<>(new HeadSetTool());
    private static final AskedTool<?, ?> CUP = new AskedTool<>(new GreaseCupTool());
    private static final AskedTool<?, ?> DRAG = new AskedTool<>(new DragSumTool());

    @Test
    void sealsStandInTheOrderOfTheirWork() {
        assertThat(LEDGER.codes()).containsExactly("seal-move", "seal-runs");
        assertThat(LEDGER.answer().figures().get(1).value()).isEqualTo("45x65x8");
        assertThat(LEDGER.codes(
                        "seals",
                        "a; 25x47x7; clings; 0.6; there; 12;\nb; 25x47x7; unseen; ; none; ;\nc; ; loose; ; none; ;"))
                .containsExactly("seal-sleeve", "seal-renew", "seal-unseen");
        assertThat(LEDGER.codes("seals", "a; 25x47x7; clings; 0.05; there; ; 2010-05-01", "today", "2026-05-01"))
                .containsExactly("seal-runs", "seal-old");
        assertThat(LEDGER.refused("seals", "a; nothing; clings")).anyMatch(s -> s.contains("Line 1"));
    }

    @Test
    void theInnerSealOfAClosedHubOnlyDrags() {
        assertThat(SIDES.codes()).containsExactly("sides-protect");
        assertThat(SIDES.codes("inner", "contact")).contains("sides-inner-drags");
        assertThat(SIDES.codes("hub", "open")).contains("sides-inner-open");
        assertThat(SIDES.answer("outer", "shield").level()).isEqualTo(unbo.core.finding.Level.WATCH);
    }

    @Test
    void anOrderNamesWhatIsRefused() {
        assertThat(ORDER.answer().figures().get(0).value()).isEqualTo("6305 2RS C3");
        assertThat(ORDER.answer("designation", "LM67048/LM67010").sentences())
                .anyMatch(s -> s.contains("without its own cup"));
        assertThat(ORDER.refused("designation", "what is that")).isNotEmpty();
    }

    @Test
    void aHeadIsFittedOrTurnedFor() {
        assertThat(HEAD.codes()).containsExactly("head-fits");
        assertThat(HEAD.codes("heightMm", "10")).containsExactly("head-fits", "head-tall");
        assertThat(HEAD.codes("stemMm", "26", "cupMm", "55")).contains("head-turned");
        assertThat(HEAD.codes("stemMm", "100", "cupMm", "102")).containsExactly("head-none");
    }

    /** 0.005·52·15 = 3.9 g each 400 h, 30 h a week: 0.2925 g, 0.69 turns, one every 10.15 days. */
    @Test
    void aCupIsTurnedByWhatItsBearingWants() {
        assertThat(CUP.answer().figures().get(0).exact()).isCloseTo(10.15, within(0.01));
        assertThat(CUP.codes("weekG", "5")).containsExactly("cup-small");
        assertThat(CUP.refused("designation", "6304-2RS")).anyMatch(s -> s.contains("greased for its life"));
        assertThat(CUP.refused("intervalH", "")).isNotEmpty();
    }

    @Test
    void whatSavesMostForItsMoneyStandsFirst() {
        assertThat(DRAG.codes()).containsExactly("drag-sum-plain");
        assertThat(DRAG.answer().tables().get(1).rows().get(0).get(0)).isEqualTo("tyres pumped up");
        assertThat(DRAG.codes("alternatives", "")).containsExactly("drag-sum-seal");
        assertThat(DRAG.codes("places", "hub; 6001; 2; wheel", "alternatives", ""))
                .containsExactly("drag-sum-least");
        assertThat(DRAG.refused("places", "hub; nothing at all; 2; wheel")).anyMatch(s -> s.contains("Line 1"));
    }
}

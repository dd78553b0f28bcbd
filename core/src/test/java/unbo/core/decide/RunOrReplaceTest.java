package unbo.core.decide;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;

import org.junit.jupiter.api.Test;

import unbo.core.parts.Rebuild;

class RunOrReplaceTest {

    private static Option option(String name, double now, double failure, Option.Risk risk) {
        return new Option(name, new Option.Costs(now, 0, 0, failure), risk, null, Option.Watch.NONE);
    }

    private static Option.Chance chance(double low, double likely, double high) {
        return new Option.Chance(new Pert(low, likely, high), 100_000);
    }

    private static RunOrReplace of(double rate, Option... options) {
        return RunOrReplace.of(new RunOrReplace.Input(4, 15_000, rate, List.of(options), 10_000, 1));
    }

    @Test
    void aChanceByADistance() {
        RunOrReplace r = of(
                0.05,
                option("leave it", 0, 4000, chance(0.05, 0.05, 0.05)),
                option("renew", 300, 4000, chance(0.001, 0.001, 0.001)));
        RunOrReplace.Sum leave = r.sums().get(0);
        assertThat(leave.failureChance()).isCloseTo(0.0303, within(0.00005));
        assertThat(leave.expected()).isCloseTo(121.2, within(0.05));
        assertThat(leave.present()).isCloseTo(110.2, within(0.05));
        assertThat(leave.wins()).isEqualTo(1);
        assertThat(leave.worstInTwenty()).isZero();
        assertThat(r.best()).isEqualTo(leave);
    }

    /** 100 a year over four years at 5 %, as it goes: 100 · (1 − 1.05⁻⁴) / ln 1.05 = 363.4. */
    @Test
    void whatIsPaidEveryYear() {
        RunOrReplace r = of(
                0.05,
                new Option("oiled", new Option.Costs(0, 0, 0, 0, 100), chance(0, 0, 0), null, Option.Watch.NONE),
                option("sealed", 370, 0, chance(0, 0, 0)));
        assertThat(r.sums().get(0).expected()).isCloseTo(400, within(1e-9));
        assertThat(r.sums().get(0).present()).isCloseTo(363.4, within(0.05));
        assertThat(r.sums().get(0).worstInTwenty()).isCloseTo(400, within(1e-9));
        assertThat(r.best().option().name()).isEqualTo("oiled");
    }

    /** What is dearer now may be cheaper over the years: 110.2 is what the rebuilt one's chance to fail is worth. */
    @Test
    void aRebuildOverTheYears() {
        List<Rebuild.Gate> sound = List.of(Rebuild.Gate.SOUND, Rebuild.Gate.SOUND, Rebuild.Gate.SOUND);
        Rebuild.Ahead ahead = new Rebuild.Ahead(4, 15_000, 0.05, 100_000, 0.05, 0, 4000);
        Rebuild close = Rebuild.of(new Rebuild.Input(100, 0, 0, 211, 0, sound, ahead));
        assertThat(close.choice()).isEqualTo(Rebuild.Choice.REBUILD);
        Rebuild cheap = Rebuild.of(new Rebuild.Input(100, 0, 0, 209, 0, sound, ahead));
        assertThat(cheap.choice()).isEqualTo(Rebuild.Choice.ASSEMBLY);
        assertThat(cheap.decision().sums().get(0).present()).isCloseTo(210.2, within(0.05));
        assertThat(Rebuild.of(new Rebuild.Input(100, 0, 0, 209, 0, sound, null)).choice())
                .isEqualTo(Rebuild.Choice.REBUILD);
    }

    @Test
    void aLifeAtAnAge() {
        Option.Wear wear = new Option.Wear(1.8, 70_000, 30_000);
        RunOrReplace r = RunOrReplace.of(new RunOrReplace.Input(
                1,
                10_000,
                0,
                List.of(option("leave it", 0, 1000, wear), option("renew", 200, 1000, new Option.Wear(1.8, 70_000, 0))),
                1000,
                1));
        assertThat(r.sums().get(0).failureChance()).isCloseTo(0.137, within(0.0005));
        assertThat(r.sums().get(0).present()).isCloseTo(r.sums().get(0).expected(), within(1e-9));
    }

    /** Costs 500 and is safe, against p·4000: it turns where F = 0.125, p by 100 000 km = 1 − 0.875^(100/60). */
    @Test
    void turnsWhereTheClosedFormSays() {
        RunOrReplace r =
                of(0, option("leave it", 0, 4000, chance(0.1, 0.2, 0.4)), option("renew", 500, 0, chance(0, 0, 0)));
        assertThat(r.turning().chance()).isCloseTo(1 - Math.pow(0.875, 100.0 / 60), within(1e-6));
        assertThat(r.turning().under().name()).isEqualTo("leave it");
        assertThat(r.turning().over().name()).isEqualTo("renew");
        assertThat(r.tornado().get(0).input()).isEqualTo("chance to fail");
    }

    /** The same worn bearing: turns at the chance over the horizon. */
    @Test
    void wearTurnsByTheChanceOverTheHorizon() {
        RunOrReplace r = of(
                0,
                option("leave it", 0, 4000, new Option.Wear(2, 90_000, 40_000)),
                option("renew", 500, 0, chance(0, 0, 0)));
        assertThat(r.turning().chance()).isCloseTo(0.125, within(1e-6));
        assertThat(r.turning().by()).isEqualTo(60_000);
    }

    @Test
    void tiesAreSplitAndOneSeedGivesOneAnswer() {
        Option a = option("a", 100, 1000, chance(0.05, 0.1, 0.3));
        RunOrReplace r = of(0, a, option("b", 100, 1000, chance(0.05, 0.1, 0.3)));
        assertThat(r.sums().get(0).wins()).isEqualTo(0.5);
        assertThat(of(0, a, a).sums()).isEqualTo(of(0, a, a).sums());
        assertThat(r.turning()).isNull();
    }

    /**
     * Leaving it and leaving it with a look share one unknown: looking is better at any chance, and what turns is
     * whether to renew: F·(0.4·4000 + 0.6·900) = 224, so p by 100 000 = 1 − (1 − 224/2140)^(100/60).
     */
    @Test
    void optionsOfTheSameChanceTurnTogether() {
        Option.Chance same = chance(0.02, 0.05, 0.15);
        Option look =
                new Option("look", new Option.Costs(0, 0, 0, 4000), same, null, new Option.Watch(5000.0, 0.6, 900));
        RunOrReplace r = of(0, option("leave it", 1, 4000, same), look, option("renew", 224, 0, chance(0, 0, 0)));
        assertThat(r.turning().under().name()).isEqualTo("look");
        assertThat(r.turning().over().name()).isEqualTo("renew");
        assertThat(r.turning().chance()).isCloseTo(1 - Math.pow(1 - 224.0 / 2140, 100.0 / 60), within(1e-6));
    }

    /** Looked at, three failures in four seen in time for 200 each: F·(0.25·4000 + 0.75·200). */
    @Test
    void whatIsSeenInTimeCostsLess() {
        Option looked = new Option(
                "leave it and look",
                new Option.Costs(0, 0, 0, 4000),
                chance(0.05, 0.05, 0.05),
                null,
                new Option.Watch(5000.0, 0.75, 200));
        RunOrReplace r = of(0, looked, option("renew", 300, 4000, chance(0, 0, 0)));
        double fails = 1 - Math.pow(0.95, 0.6);
        assertThat(r.sums().get(0).expected()).isCloseTo(fails * (1000 + 150), within(1e-6));
        assertThat(r.sums().get(0).failureChance()).isCloseTo(fails * 0.25, within(1e-9));
    }

    /** Renewed every 25 000 of 60 000: twice more, access whole then; no hazard, so for certain. */
    @Test
    void whatLastsNotToTheEndIsRenewedAgain() {
        Option again = new Option(
                "the same", new Option.Costs(100, 80, 0.75, 0), chance(0, 0, 0), 25_000.0, Option.Watch.NONE);
        RunOrReplace r = of(0.05, again, option("none", 0, 0, chance(0, 0, 0)));
        assertThat(r.sums().get(0).expected()).isCloseTo(100 + 20 + 2 * 180, within(1e-9));
        double present = 120 + 180 * (Math.pow(1.05, -25.0 / 15) + Math.pow(1.05, -50.0 / 15));
        assertThat(r.sums().get(0).present()).isCloseTo(present, within(1e-6));
    }

    /** The mean of PERT is (a + 4m + b)/6, and half its draws lie under its middle where it is even. */
    @Test
    void pert() {
        Pert even = new Pert(1, 2, 3);
        assertThat(even.quantile(0.5)).isCloseTo(2, within(1e-6));
        Pert skew = new Pert(0, 0.1, 0.7);
        double sum = 0;
        for (int i = 0; i < 10_000; i++) {
            sum += skew.quantile((i + 0.5) / 10_000);
        }
        assertThat(sum / 10_000).isCloseTo(skew.mean(), within(0.0005));
        assertThat(skew.quantile(0)).isZero();
        assertThat(skew.quantile(1)).isCloseTo(0.7, within(1e-9));
        assertThat(new Pert(0.2, 0.2, 0.2).quantile(0.9)).isEqualTo(0.2);
    }

    /** One course in ten fails: then one in twenty costs the failure. */
    @Test
    void theWorstInTwentyHoldsTheFailure() {
        Option.Chance tenth = new Option.Chance(new Pert(0.1, 0.1, 0.1), 60_000);
        RunOrReplace r = of(0, option("leave it", 50, 4000, tenth), option("renew", 500, 0, chance(0, 0, 0)));
        assertThat(r.sums().get(0).worstInTwenty()).isEqualTo(4050);
        assertThat(r.sums().get(1).worstInTwenty()).isEqualTo(500);
    }
}

package unbo.speed;

import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;

import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OperationsPerInvocation;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import org.openjdk.jmh.infra.Blackhole;

import unbo.core.bearing.Bearing;
import unbo.core.bearing.BearingKind;
import unbo.core.damage.RaceMap;
import unbo.core.damage.RaceMapInput;
import unbo.core.decide.Option;
import unbo.core.decide.Pert;
import unbo.core.decide.RunOrReplace;
import unbo.core.designation.Decoder;
import unbo.core.diagnosis.Diagnosis;
import unbo.core.diagnosis.DiagnosisInput;
import unbo.core.fit.Material;
import unbo.core.input.FieldReader;
import unbo.core.input.Reading;
import unbo.core.input.UnitSystem;
import unbo.core.life.WheelInput;
import unbo.core.life.WheelLife;
import unbo.core.measure.Quantity;
import unbo.core.measure.QuantityReader;
import unbo.core.motion.Friction;
import unbo.core.runout.Runout;
import unbo.core.runout.RunoutInput;
import unbo.core.setting.CastleNut;
import unbo.core.setting.CastleNutInput;
import unbo.core.stack.Link;
import unbo.core.stack.Stack;
import unbo.core.stack.StackInput;
import unbo.core.tools.diagnosing.DiagnosisFields;
import unbo.core.tools.proving.RunoutFields;
import unbo.core.tools.proving.RunoutTool;
import unbo.core.tools.running.WheelFields;
import unbo.core.tools.running.WheelLifeTool;
import unbo.core.tools.setting.CastleNutFields;
import unbo.core.tools.strip.RaceMapFields;
import unbo.core.tools.strip.RaceMapTool;

/** What the kernels take, in microseconds a call. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(2)
public class CoreSpeed {

    private final Map<String, String> texts =
            Map.of("pitch", "3/4-16", "slots", "6", "pinHolesDeg", "0 90 180 270", "freeAngleDeg", "17");
    private final CastleNutInput input =
            FieldReader.read(CastleNutFields.LIST, texts, UnitSystem.METRIC).record();
    private final DiagnosisInput heard = FieldReader.read(
                    DiagnosisFields.LIST,
                    Map.of(
                            "vehicle",
                            "car",
                            "checks",
                            "noise-follows=road-speed noise-turning=louder-left noise-character=growl"),
                    UnitSystem.METRIC)
            .record();
    private final RunoutInput turn = FieldReader.read(RunoutFields.LIST, new RunoutTool().sample(), UnitSystem.METRIC)
            .record();
    private final StackInput shelf = new StackInput(
            List.of(new Link("case", 12.35, 0.01, Material.STEEL)),
            List.of(new Link("shaft", 5.1, 0.01, Material.STEEL)),
            0.02,
            0.05,
            IntStream.range(0, 40)
                    .mapToObj(i -> new StackInput.Shim(0.05 + i * 0.025, 8))
                    .toList(),
            80);
    private final RaceMapInput races = FieldReader.read(
                    RaceMapFields.LIST, new RaceMapTool().sample(), UnitSystem.METRIC, Decoder.SHIPPED)
            .record();
    private final WheelInput wheel = FieldReader.read(
                    WheelFields.LIST, new WheelLifeTool().sample(), UnitSystem.METRIC, Decoder.SHIPPED)
            .record()
            .wheel();
    private String quantity = "1-3/8\"";
    private String worn = "62?5";
    private final Friction.Turned turned =
            new Friction.Turned(BearingKind.DEEP_GROOVE_BALL, 38.5, 25, Friction.Seals.CONTACT, false);
    private final Friction.Oil oil = new Friction.Oil(true, 30, 1500);
    private final Friction.Pressed pressed = new Friction.Pressed(800, 0.05);
    private String[] markings = {
        "6305-2RS1/C3",
        "LM67048",
        "NUP307",
        "32205",
        "HK2016",
        "6205ZZ",
        "DAC34640037",
        "7205B",
        "K 20x24x17",
        "6305LLU"
    };

    private final RunOrReplace.Input choice = new RunOrReplace.Input(
            4,
            15_000,
            0.05,
            IntStream.rangeClosed(1, 5)
                    .mapToObj(i -> new Option(
                            "option " + i,
                            new Option.Costs(40.0 * i, 100, 0.5, 4000),
                            new Option.Chance(new Pert(0.02 / i, 0.05 / i, 0.2 / i), 100_000),
                            null,
                            Option.Watch.NONE))
                    .toList(),
            10_000,
            1);

    /** Ten thousand draws of five options. */
    @Benchmark
    public RunOrReplace runOrReplace() {
        return RunOrReplace.of(choice);
    }

    @Benchmark
    public QuantityReader.Outcome readQuantity() {
        return QuantityReader.read(quantity, Quantity.LENGTH.metric());
    }

    /** Ten markings of ten kinds, one after the other. */
    @Benchmark
    @OperationsPerInvocation(10)
    public void decodeMarking(Blackhole hole) {
        for (String marking : markings) {
            hole.consume(Decoder.SHIPPED.decode(marking));
        }
    }

    /** A marking of which one figure is worn away. */
    @Benchmark
    public Bearing decodeWornMarking() {
        return Decoder.SHIPPED.decode(worn);
    }

    @Benchmark
    public Friction friction() {
        return Friction.of(turned, oil, pressed);
    }

    @Benchmark
    public Reading<CastleNutInput> readNutForm() {
        return FieldReader.read(CastleNutFields.LIST, texts, UnitSystem.METRIC);
    }

    @Benchmark
    public Diagnosis diagnoseACar() {
        return Diagnosis.of(heard);
    }

    @Benchmark
    public Runout readATurn() {
        return Runout.of(turn);
    }

    /** The best set out of 40 lines of the shelf. */
    @Benchmark
    public Stack chooseShims() {
        return Stack.of(shelf);
    }

    @Benchmark
    public RaceMap readARace() {
        return RaceMap.of(races);
    }

    @Benchmark
    public WheelLife wheelLife() {
        return WheelLife.of(wheel);
    }

    /**
     * The same by its formulas alone, for two tapers without transfer of load: what everything around it is measured
     * against.
     */
    @Benchmark
    public double wheelLifeBare() {
        return BareWheel.lifeKm(wheel);
    }

    /** A chart's worth of offsets. */
    @Benchmark
    public void wheelLifeOverAThousandOffsets(Blackhole hole) {
        for (int i = 0; i < 1000; i++) {
            hole.consume(WheelLife.of(wheel.offset(i * 0.05 - 25)));
        }
    }

    @Benchmark
    public CastleNut solveNut() {
        return CastleNut.of(input);
    }
}

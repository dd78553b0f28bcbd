package unbo.app.bench;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

import unbo.core.answer.Question;
import unbo.core.arrange.Arrangement;
import unbo.core.arrange.ConeHub;
import unbo.core.arrange.CrankTruing;
import unbo.core.arrange.EndPlayHeat;
import unbo.core.arrange.Preload;
import unbo.core.arrange.SpacerHub;
import unbo.core.arrange.UnitHub;
import unbo.core.designation.MarkingQuestion;
import unbo.core.fit.FitFields;
import unbo.core.heat.HeatBlock;
import unbo.core.heat.HeatFields;
import unbo.core.identify.IdentifyQuestions;
import unbo.core.identify.SealFind;
import unbo.core.identify.SealQuestion;
import unbo.core.identify.SeriesLadder;
import unbo.core.inspect.BearingCheck;
import unbo.core.inspect.Seat;
import unbo.core.life.ShaftFields;
import unbo.core.life.WheelFields;
import unbo.core.lubrication.BearingGreaseFields;
import unbo.core.lubrication.HubGreaseFields;
import unbo.core.lubrication.MixQuestion;
import unbo.core.lubrication.Viscosity;
import unbo.core.mount.Mounting;
import unbo.core.parts.Rebuild;
import unbo.core.proof.ProofFields;
import unbo.core.route.RouteStage;
import unbo.core.route.SetWay;
import unbo.core.running.FrictionQuestion;
import unbo.core.running.InsideQuestion;
import unbo.core.running.SpeedQuestion;
import unbo.core.running.WorthQuestion;
import unbo.core.runout.RimRock;
import unbo.core.runout.RunoutFields;
import unbo.core.service.DueFields;
import unbo.core.strip.RemovalFields;

/** The questions that the bench offers, in the order of a job. */
final class Questions {

    /** A tool on a page of its own. */
    record Tool(String address, String title, String asks, String keys) {

        static Tool of(Question<?> question) {
            return new Tool("/bench/" + question.name(), question.title(), question.asks(), "");
        }
    }

    /** Tools of one part of the work. */
    record Group(String title, List<Tool> tools) {

        static Group of(String title, Object... tools) {
            return new Group(
                    title,
                    Stream.of(tools)
                            .map(t -> t instanceof Tool tool ? tool : Tool.of((Question<?>) t))
                            .toList());
        }
    }

    private static final List<Question<?>> IDENTIFY = List.of(
            MarkingQuestion.DECODE,
            IdentifyQuestions.FIND,
            SeriesLadder.QUESTION,
            IdentifyQuestions.INTERCHANGE,
            MarkingQuestion.MATCH,
            SealQuestion.QUESTION,
            SealFind.QUESTION,
            Rebuild.QUESTION);
    private static final List<Question<?>> STRIP =
            List.of(RemovalFields.QUESTION, BearingCheck.QUESTION, Seat.QUESTION);
    private static final List<Question<?>> FIT = List.of(
            FitFields.QUESTION,
            HeatFields.QUESTION,
            HeatBlock.QUESTION,
            Mounting.QUESTION,
            Arrangement.QUESTION,
            SpacerHub.QUESTION,
            UnitHub.QUESTION,
            ConeHub.QUESTION,
            EndPlayHeat.QUESTION,
            Preload.QUESTION,
            CrankTruing.QUESTION);
    private static final List<Question<?>> GREASE = List.of(
            HubGreaseFields.QUESTION,
            BearingGreaseFields.QUESTION,
            MixQuestion.QUESTION,
            Viscosity.QUESTION,
            InsideQuestion.QUESTION,
            SpeedQuestion.QUESTION,
            FrictionQuestion.QUESTION,
            WheelFields.QUESTION,
            ShaftFields.QUESTION,
            WorthQuestion.QUESTION);
    private static final List<Question<?>> PROVE =
            List.of(RunoutFields.QUESTION, RimRock.QUESTION, ProofFields.QUESTION, DueFields.QUESTION);

    static final List<Question<?>> ALL =
            Stream.of(IDENTIFY, STRIP, FIT, GREASE, PROVE).flatMap(List::stream).toList();

    static final List<Group> GROUPS = List.of(
            Group.of(
                    "Is it the bearing?",
                    new Tool(
                            "/bench/diagnose",
                            "Diagnose",
                            "Is it the bearing, which one, how urgent, and what to check next?",
                            "g d"),
                    new Tool(
                            "/bench/noise",
                            "Noise recording",
                            "Do a bearing's lines stand in this recording, and whose?",
                            "")),
            group(
                    "Which bearing, which seal?",
                    IDENTIFY,
                    new Tool(
                            "/bench/type",
                            "What kind of bearing is it?",
                            "By pictures, with only the wheel, arm or fork in hand",
                            ""),
                    new Tool(
                            "/catalogue",
                            "Own catalogue",
                            "Bearings of this workshop's own, with ratings, price and shelf",
                            "")),
            group(
                    "Get it out, read it",
                    STRIP,
                    new Tool("/bench/race-map", "Race map", "Why did it fail? Paint what you see on its races.", "g r"),
                    new Tool(
                            "/bench/race-map/plates",
                            "Reference plates",
                            "What each kind of damage looks like, where it comes from, what to change",
                            "")),
            group(
                    "Fit and set",
                    FIT,
                    new Tool(
                            "/bench/nut",
                            "Castellated nut",
                            "Where can this nut be pinned, and what end play does each place leave?",
                            "g c"),
                    new Tool(
                            "/bench/stack",
                            "Stack of shims and spacers",
                            "What gap is left between two chains, and which shims fill it?",
                            "g s"),
                    new Tool("/stock", "Stock", "Shims on the shelf, counted down as they are taken", "")),
            group(
                    "Grease, speed, load, life",
                    GREASE,
                    new Tool(
                            "/stock/grease",
                            "Grease on the shelf",
                            "Which greases are here, how much of each, and what does a stroke of each gun give?",
                            "")),
            group("Prove and log", PROVE));

    /** Where in a job the same is asked. @param by way of Set; empty elsewhere */
    record Place(RouteStage stage, String by) {

        private static Place at(RouteStage stage) {
            return new Place(stage, "");
        }

        private static Place set(SetWay way) {
            return new Place(RouteStage.SET, way.code());
        }
    }

    /** The place in a job of a question, by the question's name; none for those that no stage asks. */
    static final Map<String, Place> PLACES = Map.ofEntries(
            entry(RemovalFields.QUESTION, Place.at(RouteStage.STRIP)),
            entry(Mounting.QUESTION, Place.at(RouteStage.FIT)),
            entry(Arrangement.QUESTION, Place.at(RouteStage.FIT)),
            entry(HubGreaseFields.QUESTION, Place.at(RouteStage.GREASE)),
            entry(ProofFields.QUESTION, Place.at(RouteStage.PROVE)),
            entry(DueFields.QUESTION, Place.at(RouteStage.LOG)),
            entry(SpacerHub.QUESTION, Place.set(SetWay.SPACER)),
            entry(UnitHub.QUESTION, Place.set(SetWay.AXLE_NUT)),
            entry(ConeHub.QUESTION, Place.set(SetWay.CONE)),
            entry(Preload.QUESTION, Place.set(SetWay.TORQUE)),
            entry(CrankTruing.QUESTION, Place.set(SetWay.CRANK)));

    /** Questions that a job asks beside its stages. */
    record Beside(String title, List<Question<?>> questions) {}

    static final List<Beside> BESIDE = Stream.of(
                    new Beside("Which bearing, which seal?", IDENTIFY),
                    new Beside("Get it out, read it", STRIP),
                    new Beside("Fit and set", FIT),
                    new Beside("Grease, speed, load, life", GREASE),
                    new Beside("Prove and log", PROVE))
            .map(b -> new Beside(
                    b.title(),
                    b.questions().stream()
                            .filter(q -> !PLACES.containsKey(q.name()))
                            .toList()))
            .toList();

    private static Map.Entry<String, Place> entry(Question<?> question, Place place) {
        return Map.entry(question.name(), place);
    }

    private Questions() {}

    private static Group group(String title, List<Question<?>> questions, Tool... first) {
        return Group.of(
                title, Stream.concat(Stream.of(first), questions.stream()).toArray());
    }
}

package unbo.app.exchange;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

import unbo.app.job.JobRecord;
import unbo.app.photo.PhotoService;
import unbo.app.vehicle.CareService;
import unbo.app.vehicle.Vehicle;
import unbo.app.vehicle.VehicleEvent;
import unbo.core.event.EventKind;
import unbo.core.input.Field;
import unbo.core.input.FieldReader;
import unbo.core.input.Reading;
import unbo.core.input.UnitSystem;
import unbo.core.proof.FollowUp;
import unbo.core.service.Care;
import unbo.core.sheet.Fact;
import unbo.core.tools.identify.SealLedgerFields;
import unbo.core.vehicle.Place;
import unbo.core.vehicle.VehicleInput;

/** Judges all of a file before any of it is taken in: what stands against it, in sentences. */
final class FileFaults implements FileReading.Taker {

    private static final int MOST = 100;
    private static final double FARTHEST = 1e9;
    private static final int MOST_IMMERSIONS = 10_000;
    private static final int FIRST_YEAR = 1950;
    private static final int LAST_YEAR = 2100;

    private final List<String> faults = new ArrayList<>();
    private final Set<String> positions = new HashSet<>();
    private int vehicles;
    private String kind = "";
    private int jobs;
    private int photos;

    List<String> faults() {
        if (vehicles == 0 && faults.isEmpty()) {
            return List.of("The file holds no vehicle.");
        }
        return List.copyOf(faults);
    }

    /** Why what the file holds cannot be put onto a vehicle that is here; empty where it can. */
    Optional<String> misfit(Vehicle onto) {
        if (vehicles != 1) {
            return Optional.of("The file holds " + vehicles + " vehicles: only what is of one is put onto one.");
        }
        if (!onto.kind().equals(kind)) {
            return Optional.of("The file is of a " + kind + ", " + onto.name() + " is a " + onto.kind() + ".");
        }
        return positions.stream()
                .map(position -> position.substring(position.indexOf(' ') + 1))
                .filter(code ->
                        !code.equals(Place.UNKNOWN) && onto.position(code).isEmpty())
                .findFirst()
                .map(code -> onto.name() + " has no place “"
                        + Place.of(kind, code).map(Place::label).orElse(code) + "”, which the file speaks of.");
    }

    private static boolean sound(Care care) {
        return care.what() != null
                && !care.what().isBlank()
                && care.what().length() <= 60
                && care.doneOn() != null
                && !odd(care.doneOn())
                && (care.everyMonths() != null || care.everyCounter() != null)
                && (care.everyMonths() == null || care.everyMonths() >= 1 && care.everyMonths() <= 240)
                && counted(care.everyCounter())
                && counted(care.doneCounter());
    }

    /** Seals as a file has them, a line for each. */
    static Reading<SealLedgerFields.Ledger> seals(List<String> lines) {
        return FieldReader.read(
                SealLedgerFields.LIST, Map.of(SealLedgerFields.BOX, String.join("\n", lines)), UnitSystem.METRIC);
    }

    private static boolean counted(Double counter) {
        return counter == null || counter >= 0 && counter <= Field.MOST_COUNTED;
    }

    private void fault(String sentence) {
        if (faults.size() < MOST) {
            faults.add(sentence);
        }
    }

    @Override
    public void vehicle(UnboFile.VehiclePart vehicle, int number) {
        vehicles++;
        String here = "vehicle " + number;
        if (vehicle == null) {
            fault(here + ": it is empty.");
            return;
        }
        kind = vehicle.kind();
        Reading<VehicleInput> reading = reading(vehicle);
        reading.problems().forEach(p -> fault(here + ": " + p.sentence()));
        for (UnboFile.EventPart event : vehicle.events()) {
            if (event.position() == null || event.told() == null || !sound(event.told())) {
                fault(here
                        + ": an event needs its kind, its day, 1 to 1000 times, how hard from 1 to 3 and a note of at "
                        + "most 200 characters.");
            }
        }
        if (vehicle.care().size() > CareService.MOST || !vehicle.care().stream().allMatch(FileFaults::sound)) {
            fault(here
                    + ": what else is looked after needs its name of at most 60 characters, the day it was last done, "
                    + "and 1 to 240 months or a distance; " + CareService.MOST + " of them at most.");
        }
        if (!vehicle.seals().isEmpty()) {
            seals(vehicle.seals()).problems().forEach(p -> fault(here + ", seals: " + p.sentence()));
        }
        for (UnboFile.ImmersionPart immersion : vehicle.immersions()) {
            if (immersion.day() == null
                    || odd(immersion.day())
                    || immersion.times() < 1
                    || immersion.times() > 1000
                    || immersion.note() == null
                    || immersion.note().length() > 200) {
                fault(here + ": an immersion needs its day, 1 to 1000 times and a note of at most 200 characters.");
            }
        }
        vehicle.positions().forEach(position -> positions.add(number + " " + position.code()));
        if (reading.ok()) {
            vehicle.positions().forEach(position -> position(vehicle, reading.record(), position, number));
        }
        if (vehicle.positions().stream()
                        .map(UnboFile.PositionPart::code)
                        .distinct()
                        .count()
                < vehicle.positions().size()) {
            fault(here + ": a position stands in it twice.");
        }
    }

    private void position(
            UnboFile.VehiclePart vehicle, VehicleInput input, UnboFile.PositionPart position, int number) {
        String at = "vehicle " + number + ", " + position.code();
        boolean there = Stream.concat(input.places().stream().map(Place::code), Stream.of(Place.UNKNOWN))
                        .anyMatch(code -> code.equals(position.code()))
                || Optional.ofNullable(position.code())
                        .flatMap(code -> Place.of(vehicle.kind(), code))
                        .filter(Place::own)
                        .flatMap(own -> Place.named(vehicle.kind(), own.label()))
                        .isPresent();
        if (!there) {
            fault(at + ": a " + vehicle.kind() + " has no such position.");
        }
        if (position.numbers() == null || position.numbers().length() > 255) {
            fault(at + ": numbers are missing or longer than 255 characters.");
        }
        if (Stream.of(position.lastWorkedOn(), position.servedOn(), position.dueOn())
                .filter(Objects::nonNull)
                .anyMatch(FileFaults::odd)) {
            fault(at + ": its days must lie between " + FIRST_YEAR + " and " + LAST_YEAR + ".");
        }
        if (Stream.of(position.lastCounter(), position.dueCounter())
                .filter(Objects::nonNull)
                .anyMatch(counter -> !(counter >= 0 && counter < FARTHEST))) {
            fault(at + ": its counters must lie between 0 and " + (long) FARTHEST + ".");
        }
        if (position.dueImmersions() != null
                && (position.dueImmersions() < 1 || position.dueImmersions() > MOST_IMMERSIONS)) {
            fault(at + ": it cannot be due after " + position.dueImmersions() + " immersions.");
        }
        position.facts().stream()
                .filter(f -> f.key() != null)
                .map(Fact::fault)
                .filter(Objects::nonNull)
                .forEach(f -> fault(at + ": " + f));
        for (int j = 0; j < position.jobs().size(); j++) {
            position.jobs().get(j).faults(at + ", job " + (j + 1)).forEach(this::fault);
        }
    }

    private static boolean sound(VehicleEvent.Told told) {
        return EventKind.find(told.kind()).isPresent()
                && told.day() != null
                && !odd(told.day())
                && told.times() >= 1
                && told.times() <= 1000
                && told.hard() >= 1
                && told.hard() <= EventKind.HARD
                && told.note() != null
                && told.note().length() <= 200;
    }

    private static boolean odd(LocalDate day) {
        return day.getYear() < FIRST_YEAR || day.getYear() > LAST_YEAR;
    }

    @Override
    public void job(UnboFile.JobPart part, int number) {
        jobs++;
        JobRecord job = part == null ? null : part.job();
        if (job == null) {
            fault("job " + number + ": it is empty.");
        } else if (!positions.contains(part.vehicle() + " " + part.position())) {
            fault("job " + number + ": the file has no vehicle " + part.vehicle() + " with a position “"
                    + part.position() + "” before it.");
        } else {
            job.faults("vehicle " + part.vehicle() + ", " + part.position() + ", job " + number)
                    .forEach(this::fault);
        }
    }

    @Override
    public void photo(UnboFile.PhotoPart photo, int number) {
        photos++;
        String here = "photo " + number;
        if (photo == null || photo.job() < 1 || photo.job() > jobs) {
            fault(here + ": it belongs to no job of this file.");
            return;
        }
        PhotoService.fault(photo.stage(), photo.words(), photo.addedAt(), photo.jpeg())
                .ifPresent(sentence -> fault(here + ": " + sentence));
    }

    @Override
    public void followUp(UnboFile.FollowUpPart part, int number) {
        String here = "follow-up " + number;
        if (part == null || part.job() < 1 || part.job() > jobs) {
            fault(here + ": it belongs to no job of this file.");
        } else if (FollowUp.find(String.valueOf(part.code())).isEmpty() || part.on() == null || odd(part.on())) {
            fault(here + ": it needs a known code and its day.");
        }
    }

    @Override
    public void shelf(UnboFile.ShelfPart shelf) {
        ShelfExchange.faults(shelf).forEach(this::fault);
    }

    /** What a newer release writes besides is passed over. */
    @Override
    public void more(UnboFile.MorePart part, int number) {
        More what =
                part == null ? null : More.named(String.valueOf(part.kind())).orElse(null);
        if (what == null) {
            return;
        }
        String here = what.word() + ", line " + number + " of “more”: ";
        int most = what.of() == More.Of.JOB ? jobs : photos;
        if (what.of() != More.Of.NOTHING && (part.of() < 1 || part.of() > most)) {
            fault(here + "it belongs to nothing in this file.");
        }
        MoreRows.fault(what, part.texts()).ifPresent(sentence -> fault(here + sentence));
    }

    /** The vehicle's texts through the one reader, so that the limits are those of its form. */
    static Reading<VehicleInput> reading(UnboFile.VehiclePart v) {
        VehicleInput input = new VehicleInput(
                v.kind(), v.name(), v.mark(), v.owner(), v.counterUnit(), v.yearly(), v.use(), v.axles());
        return FieldReader.read(VehicleInput.LIST, input.texts(), UnitSystem.METRIC);
    }
}

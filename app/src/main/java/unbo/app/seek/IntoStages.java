package unbo.app.seek;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import org.springframework.stereotype.Component;

import unbo.app.job.JobService;
import unbo.app.job.JobView;
import unbo.core.assembly.AssemblyKind;
import unbo.core.bearing.Bearing;
import unbo.core.bearing.BearingBook;
import unbo.core.seek.Meaning;
import unbo.core.stage.RouteStage;
import unbo.core.tools.identify.HubFields;

/** Where a bearing that was looked up on a job's pages goes in that job: to each place of its assembly. */
@Component
class IntoStages {

    private final JobService jobs;

    IntoStages(JobService jobs) {
        this.jobs = jobs;
    }

    /** Ways into Identify of the job; none where it is frozen, or it is no bearing. */
    List<Reading.Way> of(long job, Meaning meaning, BearingBook book) {
        Optional<JobView> open = meaning.bearing().isEmpty()
                ? Optional.empty()
                : jobs.view(job).filter(view -> !view.job().state().frozen());
        return open.map(view -> of(view, meaning.bearing().orElseThrow(), book)).orElse(List.of());
    }

    private static List<Reading.Way> of(JobView view, Bearing bearing, BearingBook book) {
        AssemblyKind kind = view.sheet().kind().orElse(null);
        String stage = "/jobs/" + view.job().id() + "/" + RouteStage.IDENTIFY.code();
        List<Reading.Way> ways = new ArrayList<>();
        String[] set = bearing.marking().split("/", 2);
        boolean pair = set.length == 2
                && book.decode(set[0]).cone()
                && book.decode(set[1]).cup();
        for (HubFields.Boxes boxes : HubFields.boxes(kind)) {
            if (boxes.cone() == null || bearing.cup() && boxes.cup() == null) {
                continue;
            }
            Map<String, String> inputs = pair && boxes.cup() != null
                    ? Map.of(boxes.cone(), set[0], boxes.cup(), set[1])
                    : Map.of(bearing.cup() ? boxes.cup() : boxes.cone(), bearing.designation());
            ways.add(new Reading.Way(
                    "Into #" + view.job().id() + ": " + boxes.place().title(), Addresses.with(stage, inputs)));
        }
        return ways;
    }
}

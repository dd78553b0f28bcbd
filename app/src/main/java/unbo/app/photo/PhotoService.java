package unbo.app.photo;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Set;

import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

import unbo.core.geometry.RingUnroll;
import unbo.core.stage.RouteStage;

/** The photos of jobs. */
@Service
@Transactional
public class PhotoService {

    /** So many a job holds. */
    public static final int MOST = 40;

    private static final int LONGEST_WORDS = 100;

    private final Photos photos;
    private final PhotoRings rings;

    PhotoService(Photos photos, PhotoRings rings) {
        this.photos = photos;
        this.rings = rings;
    }

    /** Lays a ring of a photo under a race, in place of what lay there; empty where the job has no such photo. */
    Optional<Long> lay(long jobId, long photoId, String place, String ring, RingUnroll seen) {
        if (photos.one(jobId, photoId).isEmpty()) {
            return Optional.empty();
        }
        rings.forget(jobId, place, ring);
        return Optional.of(
                rings.save(new PhotoRing(photoId, jobId, place, ring, seen)).id());
    }

    /** What lies under the races of a place. */
    @Transactional(readOnly = true)
    public List<PhotoRing> under(long jobId, String place) {
        return rings.of(jobId, place);
    }

    /** A ring of a photo as a strip. */
    @Transactional(readOnly = true)
    Optional<byte[]> unrolled(long jobId, long ringId) {
        return rings.one(jobId, ringId)
                .flatMap(
                        ring -> photos.one(jobId, ring.photoId()).map(photo -> Unrolled.of(photo.jpeg(), ring.seen())));
    }

    @Transactional(readOnly = true)
    public List<PhotoLine> of(long jobId) {
        return photos.of(jobId);
    }

    /** Jobs that have photos. */
    @Transactional(readOnly = true)
    public Set<Long> jobs() {
        return photos.jobs();
    }

    @Transactional(readOnly = true)
    public Optional<byte[]> picture(long jobId, long id) {
        return photos.one(jobId, id).map(Photo::jpeg);
    }

    /** @return false where the job holds as many as it may */
    boolean add(long jobId, RouteStage stage, String words, Pictures.Picture picture, Instant at) {
        if (photos.count(jobId) >= MOST) {
            return false;
        }
        photos.save(new Photo(jobId, stage.code(), words, at, picture));
        return true;
    }

    void forget(long jobId, long id) {
        photos.forget(jobId, id);
    }

    /** What stands against taking in a photo from a file; empty where nothing does. */
    public static Optional<String> fault(String stage, String words, Instant addedAt, byte[] jpeg) {
        if (stage == null
                || RouteStage.of(stage).isEmpty()
                || addedAt == null
                || words == null
                || words.length() > LONGEST_WORDS) {
            return Optional.of("it needs its stage, addedAt and words of at most " + LONGEST_WORDS + " characters.");
        }
        return jpeg == null || Pictures.kept(jpeg).isEmpty()
                ? Optional.of("its picture is no JPEG of at most " + Pictures.LONGEST_SIDE + " dots a side.")
                : Optional.empty();
    }

    /** Takes in a photo that {@link #fault} found nothing against, as it is. @return its number here */
    public long take(long jobId, String stage, String words, Instant at, byte[] jpeg) {
        return photos.save(
                        new Photo(jobId, stage, words, at, Pictures.kept(jpeg).orElseThrow()))
                .id();
    }
}

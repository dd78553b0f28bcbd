package unbo.app.photo;

import java.time.Instant;
import java.util.List;
import java.util.Optional;

import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The photos of jobs. */
@Service
@Transactional
public class PhotoService {

    private final Photos photos;

    PhotoService(Photos photos) {
        this.photos = photos;
    }

    @Transactional(readOnly = true)
    public List<PhotoLine> of(long jobId) {
        return photos.of(jobId);
    }

    @Transactional(readOnly = true)
    public Optional<byte[]> picture(long jobId, long id) {
        return photos.one(jobId, id).map(Photo::jpeg);
    }

    void add(long jobId, String words, Pictures.Picture picture, Instant at) {
        photos.save(new Photo(jobId, words, at, picture));
    }

    void forget(long jobId, long id) {
        photos.forget(jobId, id);
    }
}

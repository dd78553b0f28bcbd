package unbo.app.photo;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

import unbo.core.geometry.RingUnroll;

/** Where a photo shows a ring, to be laid under its painted race. Lengths in shares of the photo's width. */
@Entity
@Table(name = "photo_ring")
public class PhotoRing {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    private long photoId;
    private long jobId;
    private String place;
    private String ring;

    @Column(name = "centre_x")
    private double centreX;

    @Column(name = "centre_y")
    private double centreY;

    private double outboard;
    private double inboard;
    private boolean mirrored;

    protected PhotoRing() {}

    PhotoRing(long photoId, long jobId, String place, String ring, RingUnroll seen) {
        this.photoId = photoId;
        this.jobId = jobId;
        this.place = place;
        this.ring = ring;
        centreX = seen.centreX();
        centreY = seen.centreY();
        outboard = seen.outboard();
        inboard = seen.inboard();
        mirrored = seen.mirrored();
    }

    public Long id() {
        return id;
    }

    long photoId() {
        return photoId;
    }

    public String ring() {
        return ring;
    }

    RingUnroll seen() {
        return new RingUnroll(centreX, centreY, outboard, inboard, mirrored);
    }
}

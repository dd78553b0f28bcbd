package unbo.app.job;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** The paper of a closed job, as JSON; the database keeps it compressed. */
@Entity
@Table(name = "job_paper")
class PaperRow {

    @Id
    private Long jobId;

    @Column(columnDefinition = "LONGTEXT")
    private String content;

    protected PaperRow() {}

    Long jobId() {
        return jobId;
    }

    String content() {
        return content;
    }
}

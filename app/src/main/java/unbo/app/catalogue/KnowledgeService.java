package unbo.app.catalogue;

import org.springframework.stereotype.Service;

import unbo.app.diagnosis.CaseService;
import unbo.core.route.Knowledge;

/** What this workshop knows beyond what is typed, as stages and questions are computed with. */
@Service
public class KnowledgeService {

    private final OwnCatalogue own;
    private final CaseService cases;

    KnowledgeService(OwnCatalogue own, CaseService cases) {
        this.own = own;
        this.cases = cases;
    }

    public Knowledge current() {
        return new Knowledge(own.book(), cases::current);
    }

    /** How jobs turned out, to be added to and taken back from. */
    public CaseService cases() {
        return cases;
    }
}

package unbo.app.workshop;

import org.springframework.data.repository.Repository;

interface Workshops extends Repository<Workshop, Long> {

    Workshop findById(long id);
}

package unbo.app.job;

import java.util.Optional;

import org.springframework.data.repository.Repository;

interface Visits extends Repository<Visit, Long> {

    Optional<Visit> findById(long id);

    Visit save(Visit visit);
}

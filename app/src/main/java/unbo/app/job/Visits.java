package unbo.app.job;

import org.springframework.data.repository.Repository;

interface Visits extends Repository<Visit, Long> {

    Visit save(Visit visit);
}

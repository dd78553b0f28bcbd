package unbo.app.stock;

import java.util.List;
import java.util.Optional;

import org.springframework.data.repository.Repository;

interface GreaseGuns extends Repository<GreaseGun, Long> {

    List<GreaseGun> findAllByOrderByName();

    Optional<GreaseGun> findByName(String name);

    GreaseGun save(GreaseGun gun);
}

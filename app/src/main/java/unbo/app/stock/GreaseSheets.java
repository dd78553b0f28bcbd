package unbo.app.stock;

import java.util.List;
import java.util.Optional;

import org.springframework.data.repository.Repository;

interface GreaseSheets extends Repository<GreaseSheet, Long> {

    List<GreaseSheet> findAll();

    Optional<GreaseSheet> findById(Long itemId);

    GreaseSheet save(GreaseSheet sheet);
}

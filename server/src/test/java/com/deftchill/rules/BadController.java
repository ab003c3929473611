package com.deftchill.rules;

import org.springframework.data.repository.Repository;
import org.springframework.web.bind.annotation.RestController;

/** What a controller must not be: it goes past its service. Outside the packages that the application looks into. */
@RestController
class BadController {
    private final Repository<?, ?> repository;

    BadController(Repository<?, ?> repository) {
        this.repository = repository;
    }

    Repository<?, ?> repository() {
        return repository;
    }
}

package com.deftchill.rules;

import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;

/** What a service must not be: it decides on status codes. */
@Service
class BadService {
    HttpStatus status() {
        return HttpStatus.OK;
    }
}

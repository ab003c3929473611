package com.deftchill.server.tenancy;

import java.util.Map;
import org.hibernate.cfg.MultiTenancySettings;
import org.hibernate.context.spi.CurrentTenantIdentifierResolver;
import org.springframework.boot.hibernate.autoconfigure.HibernatePropertiesCustomizer;
import org.springframework.stereotype.Component;

/**
 * The one place where rows are told apart by kitchen: each entity has a {@code @TenantId}, which Hibernate fills in when it is stored
 * and asks for whenever it is read, by its id too.
 */
@Component
class KitchenOfEntities implements CurrentTenantIdentifierResolver<String>, HibernatePropertiesCustomizer {
    @Override
    public String resolveCurrentTenantIdentifier() {
        return Kitchens.orNobodys();
    }

    /** A session of the database begun for one kitchen is not gone on with for another. */
    @Override
    public boolean validateExistingCurrentSessions() {
        return true;
    }

    @Override
    public void customize(Map<String, Object> properties) {
        properties.put(MultiTenancySettings.MULTI_TENANT_IDENTIFIER_RESOLVER, this);
    }
}

package com.deftchill.server.workplace;

import com.deftchill.core.kitchen.WrittenKitchen;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** The settings of a kitchen, as typed. */
@Entity
@Table(name = "kitchen_settings")
class KitchenEntity {
    @Id
    private String kitchen;

    @Version
    private long version;

    @JdbcTypeCode(SqlTypes.JSON)
    private WrittenKitchen settings;

    protected KitchenEntity() {}

    KitchenEntity(String kitchen, WrittenKitchen settings) {
        this.kitchen = kitchen;
        this.settings = settings;
    }

    long getVersion() {
        return version;
    }

    WrittenKitchen getSettings() {
        return settings;
    }

    void write(WrittenKitchen written) {
        this.settings = written;
    }
}

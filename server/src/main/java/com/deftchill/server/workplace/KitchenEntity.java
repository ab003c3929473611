package com.deftchill.server.workplace;

import com.deftchill.core.kitchen.WrittenKitchen;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** The settings of the one kitchen of a database, as typed. */
@Entity
@Table(name = "kitchen")
class KitchenEntity {
    static final int ONLY_ID = 1;

    @Id
    private int id = ONLY_ID;

    @Version
    private long version;

    @JdbcTypeCode(SqlTypes.JSON)
    private WrittenKitchen settings;

    protected KitchenEntity() {}

    KitchenEntity(WrittenKitchen settings) {
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

package com.deftchill.server;

import com.deftchill.core.assess.Assessor;
import com.deftchill.core.chill.ChillOptions;
import com.deftchill.core.larder.Larder;
import com.deftchill.core.larder.LarderFiles;
import com.deftchill.core.parameters.Parameters;
import java.time.Clock;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;
import org.springframework.context.annotation.Bean;

/** The web application: the core's rules over REST, formulas and batches in MariaDB, the stations as static files. */
@SpringBootApplication
@ConfigurationPropertiesScan
public class DeftChillApplication {
    public static void main(String[] args) {
        SpringApplication.run(DeftChillApplication.class, args);
    }

    @Bean
    Larder shippedLarder() {
        return LarderFiles.shipped();
    }

    @Bean
    Parameters parameters() {
        return Parameters.shipped();
    }

    @Bean
    Assessor assessor() {
        return new Assessor(ChillOptions.standard());
    }

    @Bean
    Clock clock() {
        return Clock.systemUTC();
    }
}

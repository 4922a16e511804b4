package waypost.app;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.scheduling.annotation.EnableScheduling;

/** Starts the application. */
@SpringBootApplication
@EnableScheduling
public class WaypostApplication {

    public static void main(String[] args) {
        SpringApplication.run(WaypostApplication.class, args);
    }
}

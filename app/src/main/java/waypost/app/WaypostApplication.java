package waypost.app;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;

/** Starts the application. */
@SpringBootApplication
public class WaypostApplication {

    public static void main(String[] args) {
        SpringApplication.run(WaypostApplication.class, args);
    }
}

package ruxel.app;

import org.springframework.boot.autoconfigure.SpringBootApplication;

/** Spring's entry: everything below this package is found by scanning. */
@SpringBootApplication
public class RuxelApplication {}

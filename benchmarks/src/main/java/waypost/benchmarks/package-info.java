/** Measures verdicts a second (JMH) and the course page under load; prints, asserts nothing. */
package waypost.benchmarks;

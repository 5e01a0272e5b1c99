package itrova.server.week;

/** Where plans wait to be made better by whichever instance is free. */
@FunctionalInterface
interface WeekQueue {
    /** Lets a plan that is in its table be made better, when the transaction it is added in is kept. */
    void add(String planId);
}

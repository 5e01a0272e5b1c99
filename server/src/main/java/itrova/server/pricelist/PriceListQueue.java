package itrova.server.pricelist;

/** Where price lists wait to be worked on by whichever instance is free. */
@FunctionalInterface
public interface PriceListQueue {
    /** Lets a list that is in its table be worked on, when the transaction it is added in is kept. */
    void add(String listId);
}

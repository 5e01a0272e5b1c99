package itrova.server.suppliers;

/** Where orders wait to be sent by whichever instance is free. */
@FunctionalInterface
public interface SupplierQueue {
    /** Lets an order that is in its table be sent, when the transaction it is added in is kept. */
    void add(String orderId);
}

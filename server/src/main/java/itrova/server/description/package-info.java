/** The API's description, from which the browser's types are made. It knows every stage; no stage knows it. */
@NullMarked
package itrova.server.description;

import org.jspecify.annotations.NullMarked;

package itrova.server.measure;

import org.springframework.http.CacheControl;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** A photo as it is answered: never run as anything else, and asked for anew each time, for who may see it is asked each time. */
public final class PhotoAnswer {
    private PhotoAnswer() {}

    /** @param name of its file, without its ending; it names the photo, which never changes */
    public static ResponseEntity<byte[]> of(String name, byte[] jpeg) {
        return ResponseEntity.ok()
                .contentType(MediaType.IMAGE_JPEG)
                .header(HttpHeaders.CONTENT_DISPOSITION, "inline; filename=\"" + name + ".jpg\"")
                .header("Content-Security-Policy", "default-src 'none'; sandbox")
                .eTag("\"" + name + "\"")
                .cacheControl(CacheControl.noCache().cachePrivate())
                .body(jpeg);
    }
}

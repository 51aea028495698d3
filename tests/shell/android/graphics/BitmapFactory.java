package android.graphics;

import java.io.IOException;
import java.io.InputStream;

public class BitmapFactory {
    /** Null where it is no picture, as the system has it. */
    public static Bitmap decodeStream(InputStream stream) {
        try {
            int bytes = stream.readAllBytes().length;
            return bytes == 0 ? null : new Bitmap(bytes);
        } catch (IOException exception) {
            return null;
        }
    }
}

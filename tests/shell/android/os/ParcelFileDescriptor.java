package android.os;

import java.io.File;
import java.io.FileNotFoundException;

public class ParcelFileDescriptor {
    public File file;
    public int mode;

    /** Of android.os.ParcelFileDescriptor, from memory: MODE_READ_ONLY, and MODE_WRITE_ONLY with MODE_CREATE and MODE_TRUNCATE. */
    public static int parseMode(String mode) {
        return mode.equals("r") ? 0x10000000 : 0x20000000 | 0x08000000 | 0x04000000;
    }

    public static ParcelFileDescriptor open(File file, int mode) throws FileNotFoundException {
        ParcelFileDescriptor opened = new ParcelFileDescriptor();
        opened.file = file;
        opened.mode = mode;
        return opened;
    }
}

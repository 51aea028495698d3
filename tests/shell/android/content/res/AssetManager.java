package android.content.res;

import java.io.FileInputStream;
import java.io.IOException;
import java.io.InputStream;

/** Opens files under the folder named by the system property "assets". */
public class AssetManager {
    public InputStream open(String name) throws IOException {
        return new FileInputStream(System.getProperty("assets") + "/" + name);
    }
}

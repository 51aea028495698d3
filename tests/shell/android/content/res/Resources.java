package android.content.res;

public class Resources {
    /** Number 7 for the one resource that is asked for by its name. */
    public int getIdentifier(String name, String type, String of) {
        return name.equals("ic_message") && type.equals("drawable") && of.equals("com.example.roofs") ? 7 : 0;
    }
}

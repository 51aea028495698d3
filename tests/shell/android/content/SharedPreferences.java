package android.content;

import java.util.Map;
import java.util.TreeMap;

public interface SharedPreferences {
    String getString(String name, String otherwise);

    Editor edit();

    interface Editor {
        Editor putString(String name, String value);

        void apply();
    }

    class Kept implements SharedPreferences, Editor {
        private final Map<String, String> values = new TreeMap<>();

        public String getString(String name, String otherwise) {
            return values.getOrDefault(name, otherwise);
        }

        public Editor edit() {
            return this;
        }

        public Editor putString(String name, String value) {
            values.put(name, value);
            return this;
        }

        public void apply() {}
    }
}

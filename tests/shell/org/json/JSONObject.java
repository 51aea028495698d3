package org.json;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Enough of it for an object of plain texts. */
public class JSONObject {
    private final String text;

    public JSONObject(String text) throws JSONException {
        if (!text.startsWith("{")) throw new JSONException();
        this.text = text;
    }

    public String getString(String name) throws JSONException {
        Matcher found = Pattern.compile("\"" + name + "\":\"([^\"]*)\"").matcher(text);
        if (!found.find()) throw new JSONException();
        return found.group(1);
    }
}

package org.json;

import java.util.ArrayList;
import java.util.List;

public class JSONArray {
    final List<Object> all = new ArrayList<>();

    public int length() {
        return all.size();
    }

    public JSONObject getJSONObject(int i) throws JSONException {
        if (i < all.size() && all.get(i) instanceof JSONObject found) return found;
        throw new JSONException();
    }

    public JSONArray put(Object value) {
        all.add(value);
        return this;
    }

    @Override
    public String toString() {
        StringBuilder out = new StringBuilder("[");
        for (Object one : all) out.append(out.length() > 1 ? "," : "").append(JSONObject.written(one));
        return out.append("]").toString();
    }
}

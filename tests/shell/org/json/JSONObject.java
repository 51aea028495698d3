package org.json;

import java.util.LinkedHashMap;
import java.util.Map;

/** Objects and lists of texts, whole numbers, true and false: RFC 8259, as far as the shell reads it. */
public class JSONObject {
    private final Map<String, Object> all = new LinkedHashMap<>();

    private JSONObject() {}

    public JSONObject(String text) throws JSONException {
        Reader reader = new Reader(text);
        if (!(reader.value() instanceof JSONObject read)) throw new JSONException();
        all.putAll(read.all);
    }

    public String getString(String name) throws JSONException {
        if (all.get(name) instanceof String found) return found;
        throw new JSONException();
    }

    public boolean getBoolean(String name) throws JSONException {
        if (all.get(name) instanceof Boolean found) return found;
        throw new JSONException();
    }

    public JSONArray getJSONArray(String name) throws JSONException {
        if (all.get(name) instanceof JSONArray found) return found;
        throw new JSONException();
    }

    public JSONObject put(String name, Object value) {
        all.put(name, value);
        return this;
    }

    @Override
    public String toString() {
        StringBuilder out = new StringBuilder("{");
        all.forEach((name, value) -> out.append(out.length() > 1 ? "," : "").append(written(name)).append(":").append(written(value)));
        return out.append("}").toString();
    }

    static String written(Object value) {
        return value instanceof String text ? "\"" + text.replace("\\", "\\\\").replace("\"", "\\\"") + "\"" : String.valueOf(value);
    }

    private static class Reader {
        private final String text;
        private int at;

        Reader(String text) {
            this.text = text;
        }

        Object value() throws JSONException {
            char sign = sign();
            if (sign == '{') return object();
            if (sign == '[') return list();
            if (sign == '"') return string();
            int from = at;
            while (at < text.length() && ",]} \n".indexOf(text.charAt(at)) < 0) at++;
            String word = text.substring(from, at);
            if (word.equals("true") || word.equals("false")) return word.equals("true");
            if (word.matches("-?\\d+")) return Long.valueOf(word);
            throw new JSONException();
        }

        private JSONObject object() throws JSONException {
            JSONObject found = new JSONObject();
            for (at++; sign() != '}'; skip(',')) {
                String name = string();
                if (sign() != ':') throw new JSONException();
                at++;
                found.put(name, value());
            }
            at++;
            return found;
        }

        private JSONArray list() throws JSONException {
            JSONArray found = new JSONArray();
            for (at++; sign() != ']'; skip(',')) found.put(value());
            at++;
            return found;
        }

        private String string() throws JSONException {
            if (sign() != '"') throw new JSONException();
            StringBuilder out = new StringBuilder();
            for (at++; at < text.length() && text.charAt(at) != '"'; at++) {
                char sign = text.charAt(at);
                if (sign != '\\') {
                    out.append(sign);
                    continue;
                }
                sign = text.charAt(++at);
                if (sign == 'u') {
                    out.append((char) Integer.parseInt(text.substring(at + 1, at + 5), 16));
                    at += 4;
                } else out.append(sign == 'n' ? '\n' : sign == 't' ? '\t' : sign);
            }
            at++;
            return out.toString();
        }

        private char sign() throws JSONException {
            while (at < text.length() && " \n\r\t".indexOf(text.charAt(at)) >= 0) at++;
            if (at >= text.length()) throw new JSONException();
            return text.charAt(at);
        }

        private void skip(char sign) throws JSONException {
            if (sign() == sign) at++;
        }
    }
}

package android.database;

import java.util.ArrayList;
import java.util.List;

public class MatrixCursor implements Cursor {
    public final List<String> columns;
    public final List<List<Object>> rows = new ArrayList<>();

    public MatrixCursor(String[] columns) {
        this.columns = List.of(columns);
    }

    public void addRow(Object[] values) {
        rows.add(List.of(values));
    }
}

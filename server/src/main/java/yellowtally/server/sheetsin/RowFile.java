package yellowtally.server.sheetsin;

import java.io.BufferedOutputStream;
import java.io.Closeable;
import java.io.DataOutputStream;
import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** Rows of text kept on the disk, each found by its number: a long sheet takes no more memory than a short one. */
final class RowFile implements Closeable {

    /**
     * A row.
     *
     * @param line where it stood in the file that it came from, from 1
     */
    record Row(int line, List<String> cells) {}

    private final Path file;
    private final DataOutputStream out;
    private final RandomAccessFile in;
    private long[] ends = new long[1024];
    private int rows;
    private long end;
    private boolean flushed = true;

    /** Writes to a file that is its own, and deleted with it. */
    RowFile(Path file) throws IOException {
        this.file = file;
        this.out = new DataOutputStream(new BufferedOutputStream(Files.newOutputStream(file)));
        this.in = new RandomAccessFile(file.toFile(), "r");
    }

    synchronized void add(Row row) throws IOException {
        List<byte[]> cells = row.cells().stream()
                .map(cell -> cell.getBytes(StandardCharsets.UTF_8))
                .toList();
        out.writeInt(row.line());
        out.writeInt(cells.size());
        end += 2L * Integer.BYTES;
        for (byte[] cell : cells) {
            out.writeInt(cell.length);
            out.write(cell);
            end += Integer.BYTES + (long) cell.length;
        }
        if (rows == ends.length) {
            ends = Arrays.copyOf(ends, 2 * rows);
        }
        ends[rows++] = end;
        flushed = false;
    }

    synchronized int size() {
        return rows;
    }

    /** A row by its number, from 0. */
    synchronized Row row(int number) throws IOException {
        if (number < 0 || number >= rows) {
            throw new IndexOutOfBoundsException("row " + number + " of " + rows);
        }
        if (!flushed) {
            out.flush();
            flushed = true;
        }
        long from = number == 0 ? 0 : ends[number - 1];
        byte[] bytes = new byte[(int) (ends[number] - from)];
        in.seek(from);
        in.readFully(bytes);
        ByteBuffer read = ByteBuffer.wrap(bytes);
        int line = read.getInt();
        int count = read.getInt();
        List<String> cells = new ArrayList<>(count);
        for (int i = 0; i < count; i++) {
            byte[] cell = new byte[read.getInt()];
            read.get(cell);
            cells.add(new String(cell, StandardCharsets.UTF_8));
        }
        return new Row(line, cells);
    }

    @Override
    public synchronized void close() throws IOException {
        out.close();
        in.close();
        Files.deleteIfExists(file);
    }
}

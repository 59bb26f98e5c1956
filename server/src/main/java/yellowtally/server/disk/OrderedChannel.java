package yellowtally.server.disk;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import org.h2.store.fs.FileBaseDefault;
import org.jspecify.annotations.Nullable;

/**
 * One file of the database. The operating system may write blocks in any order, and after a power cut some that were written later
 * are there and some that were written before are not. The database takes a chunk for whole when its first and its last bytes
 * are there, and writes where an older chunk was as soon as the newest does not need it. So here
 *
 * <ul>
 *   <li>nothing is written or cut off while what was written before is not on the disk, and
 *   <li>the end of a chunk follows when all before it is there.
 * </ul>
 *
 * Only the header is written in one: it has two copies, each with a checksum and in a sector of its own.
 */
final class OrderedChannel extends FileBaseDefault {

    /** Where the header ends: two blocks of 4,096 bytes. */
    private static final long HEADER = 8_192;

    /** What a disk writes whole or not at all; the last bytes of a chunk fit into it. */
    private static final int SECTOR = 512;

    private final FileChannel file;
    private boolean unforced;
    private @Nullable IOException failed;

    OrderedChannel(FileChannel file) {
        this.file = file;
    }

    @Override
    public long size() throws IOException {
        return file.size();
    }

    /** Beside a write: who reads does not wait for the disk. */
    @SuppressWarnings("UnsynchronizedOverridesSynchronized")
    @Override
    public int read(ByteBuffer into, long position) throws IOException {
        return file.read(into, position);
    }

    @Override
    public synchronized int write(ByteBuffer bytes, long position) throws IOException {
        int length = bytes.remaining();
        long at = position;
        settle();
        if (position >= HEADER && length > SECTOR) {
            int end = bytes.limit();
            at = put(bytes.limit(end - SECTOR), at);
            settle();
            bytes.limit(end);
        }
        put(bytes, at);
        return length;
    }

    private long put(ByteBuffer bytes, long position) throws IOException {
        unforced = true;
        long at = position;
        while (bytes.hasRemaining()) {
            at += file.write(bytes, at);
        }
        return at;
    }

    /** All that was written so far is on the disk before anything follows. */
    private void settle() throws IOException {
        if (unforced) {
            force(false);
        }
    }

    /** After one failure nothing is believed any more: the system may have thrown away what it could not write. */
    @Override
    public synchronized void force(boolean metaData) throws IOException {
        if (failed != null) {
            throw new IOException(failed);
        }
        try {
            file.force(metaData);
            unforced = false;
        } catch (IOException e) {
            failed = e;
            throw e;
        }
    }

    @Override
    protected synchronized void implTruncate(long size) throws IOException {
        settle();
        unforced = true;
        file.truncate(size);
    }

    @Override
    public FileLock tryLock(long position, long size, boolean shared) throws IOException {
        return file.tryLock(position, size, shared);
    }

    @Override
    protected synchronized void implCloseChannel() throws IOException {
        try {
            settle();
        } finally {
            file.close();
        }
    }
}

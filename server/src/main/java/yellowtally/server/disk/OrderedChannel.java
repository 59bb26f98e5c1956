package yellowtally.server.disk;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.ClosedChannelException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.util.Optional;
import org.h2.store.fs.FileBaseDefault;

/**
 * One file of the database. The operating system may write blocks in any order, and after a power cut some that were written later
 * are there and some that were written before are not. The database takes a chunk for whole when its first and its last bytes
 * are there, begins to look at the chunk that its header points at, and writes where an older chunk was as soon as the newest does
 * not need it, be it the one in the header. So here
 *
 * <ul>
 *   <li>nothing is written or cut off while what was written before is not on the disk,
 *   <li>the end of a chunk follows when all before it is there, and
 *   <li>the header follows each chunk: it never points at one that is written over.
 * </ul>
 *
 * Only the header is written in one: it has two copies, each with a checksum and in a sector of its own.
 */
final class OrderedChannel extends FileBaseDefault {

    /** What a disk writes whole or not at all; the last bytes of a chunk fit into it. */
    private static final int SECTOR = 512;

    private final FileChannel file;
    private Optional<StoreHeader> header;
    private final StoreHealth health;
    private boolean unforced;

    OrderedChannel(FileChannel file, StoreHealth health) throws IOException {
        this.file = file;
        this.health = health;
        ByteBuffer begin = ByteBuffer.allocate(StoreHeader.SIZE);
        while (begin.hasRemaining() && file.read(begin, begin.position()) > 0) {
            // Until all of it is read, or all that there is.
        }
        this.header = StoreHeader.read(begin.flip());
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
        ByteBuffer all = bytes.duplicate();
        settle();
        if (position < StoreHeader.SIZE) {
            put(bytes, position);
            header = position == 0 ? StoreHeader.read(all.slice()) : header;
        } else {
            putChunk(bytes, position);
            Optional<StoreHeader> next = header.flatMap(now -> now.at(all, position));
            if (next.isPresent()) {
                settle();
                put(next.get().bytes(), 0);
                header = next;
            }
        }
        return length;
    }

    private void putChunk(ByteBuffer bytes, long position) throws IOException {
        int end = bytes.limit();
        long at = position;
        if (bytes.remaining() > SECTOR) {
            at = put(bytes.limit(end - SECTOR), at);
            settle();
        }
        put(bytes.limit(end), at);
    }

    private long put(ByteBuffer bytes, long position) throws IOException {
        unforced = true;
        long at = position;
        while (bytes.hasRemaining()) {
            at += putSome(bytes, at);
        }
        return at;
    }

    private int putSome(ByteBuffer bytes, long at) throws IOException {
        while (true) {
            try {
                int written = file.write(bytes, at);
                health.well();
                return written;
            } catch (ClosedChannelException e) {
                throw e;
            } catch (IOException e) {
                health.waitAfter(e);
            }
        }
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
        IOException lost = health.broken();
        if (lost != null) {
            throw health.lost(lost);
        }
        try {
            file.force(metaData);
            unforced = false;
        } catch (ClosedChannelException e) {
            throw e;
        } catch (IOException e) {
            throw health.lost(e);
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

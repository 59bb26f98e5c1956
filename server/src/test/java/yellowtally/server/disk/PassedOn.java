package yellowtally.server.disk;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import org.h2.store.fs.FileBaseDefault;

/** A file that does what another one does. */
class PassedOn extends FileBaseDefault {

    private final FileChannel file;

    PassedOn(FileChannel file) {
        this.file = file;
    }

    @Override
    public long size() throws IOException {
        return file.size();
    }

    @Override
    public int read(ByteBuffer into, long position) throws IOException {
        return file.read(into, position);
    }

    @Override
    public int write(ByteBuffer bytes, long position) throws IOException {
        return file.write(bytes, position);
    }

    @Override
    public void force(boolean metaData) throws IOException {
        file.force(metaData);
    }

    @Override
    protected void implTruncate(long size) throws IOException {
        file.truncate(size);
    }

    @Override
    public FileLock tryLock(long position, long size, boolean shared) throws IOException {
        return file.tryLock(position, size, shared);
    }

    @Override
    protected void implCloseChannel() throws IOException {
        file.close();
    }
}

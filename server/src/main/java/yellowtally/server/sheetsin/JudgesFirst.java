package yellowtally.server.sheetsin;

import java.io.IOException;

/**
 * Brings in lines that can be judged without storing anything: nobody who saves something meanwhile has to wait for a try, and only
 * the writing itself keeps others from the disk.
 */
interface JudgesFirst extends Bringer {

    /** Tells of each line what would come of it; nothing is stored and nothing is locked. */
    void judge(Lines lines, Told told, Report report) throws IOException;
}

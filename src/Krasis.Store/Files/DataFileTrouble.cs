namespace Krasis.Store.Files;

/// <summary>Why the data file cannot be used while the program runs.</summary>
public enum DataFileTrouble
{
    /// <summary>It was deleted, moved away, or another file lies in its place.</summary>
    Gone,

    /// <summary>The log beside it was deleted.</summary>
    LogGone,

    /// <summary>It lacks what was saved: an older one lies in its place, or its log was lost.</summary>
    Behind,

    /// <summary>It, or its folder, may not be written to.</summary>
    ReadOnly,

    /// <summary>There is no room on the disk.</summary>
    Full,

    /// <summary>Another program does not let go of it.</summary>
    Locked,

    /// <summary>What stands in it is not what was written.</summary>
    Damaged,

    /// <summary>The disk does not do what it is told.</summary>
    Disk,
}

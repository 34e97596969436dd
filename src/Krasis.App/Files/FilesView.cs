namespace Krasis.App.Files;

/// <summary>Where everything is, and how well it is copied.</summary>
/// <param name="DataFile">The data file.</param>
/// <param name="CopiesFolder">Where copies of it are made.</param>
/// <param name="CopyEveryHours">How many hours after one copy the next is made by itself; null where none is.</param>
/// <param name="LastCopyAt">When the last of those was made; null where there is none.</param>
public sealed record FilesView(
    string DataFile,
    string CopiesFolder,
    double? CopyEveryHours,
    DateTimeOffset? LastCopyAt
);

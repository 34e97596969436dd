using Krasis.Core.Builds;
using Krasis.Store.Json;

namespace Krasis.Store.Builds;

/// <summary>A build in the file.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Version">How often it has been saved or moved from one state to another, from 1.</param>
/// <param name="SavedVersion">The version that it was last saved as.</param>
/// <param name="CreatedAt">When it was first saved.</param>
/// <param name="UpdatedAt">When it was last saved.</param>
/// <param name="State">How far it has come.</param>
/// <param name="Document">Its document.</param>
public sealed record StoredBuild(
    string Id,
    long Version,
    long SavedVersion,
    DateTimeOffset CreatedAt,
    DateTimeOffset UpdatedAt,
    BuildState State,
    BuildDocument Document
)
{
    /// <summary>Whether it is what a document says.</summary>
    public bool IsSame(BuildDocument document) => StoreJson.Write(Document) == StoreJson.Write(document);
}

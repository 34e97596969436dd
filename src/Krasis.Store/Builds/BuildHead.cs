using Krasis.Core.Builds;

namespace Krasis.Store.Builds;

/// <summary>A build in the file, without its document.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Version">How often it has been saved or moved from one state to another, from 1.</param>
/// <param name="SavedVersion">The version that it was last saved as.</param>
/// <param name="UpdatedAt">When it was last saved.</param>
/// <param name="State">How far it has come.</param>
public sealed record BuildHead(string Id, long Version, long SavedVersion, DateTimeOffset UpdatedAt, BuildState State);

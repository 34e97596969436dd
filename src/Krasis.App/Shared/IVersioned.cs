namespace Krasis.App.Shared;

/// <summary>Something whose version is told, so that a change can say which version it is of.</summary>
public interface IVersioned
{
    /// <summary>The version, as <see cref="VersionTag"/> writes it.</summary>
    string Etag { get; }
}

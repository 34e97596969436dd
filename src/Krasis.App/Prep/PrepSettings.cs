using Krasis.App.Tastings;
using Krasis.Core.Planning.Preparing;
using Krasis.Store;

namespace Krasis.App.Prep;

/// <summary>How the house prepares, as it is kept.</summary>
internal static class PrepSettings
{
    /// <summary>It; the usual where nobody has said anything.</summary>
    public static PrepDocument Of(Session session) =>
        session.Prep.Find() is { } kept ? Tasted.Read<PrepDocument>(kept.Document) : new PrepDocument();
}

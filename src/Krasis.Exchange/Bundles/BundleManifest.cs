namespace Krasis.Exchange.Bundles;

/// <summary>What a bundle says of itself.</summary>
/// <param name="Format">Always <c>krasis</c>.</param>
/// <param name="Version">Which version of the format it is written in.</param>
/// <param name="Scope">Whether it holds <c>drinks</c> or a whole <c>house</c>.</param>
/// <param name="House">Which house it comes from: 32 digits that nobody else has.</param>
/// <param name="WrittenAt">When it was written.</param>
/// <param name="Tables">Of a house: which version its tables are of; 0 for drinks.</param>
/// <param name="Documents">What is in it.</param>
public sealed record BundleManifest(
    string Format,
    int Version,
    string Scope,
    string House,
    DateTimeOffset WrittenAt,
    int Tables,
    IReadOnlyList<BundleEntry> Documents
)
{
    /// <summary>What every bundle is called.</summary>
    public const string Krasis = "krasis";

    /// <summary>The version that is written.</summary>
    public const int Newest = 1;

    /// <summary>The scope of a bundle of drinks.</summary>
    public const string Drinks = "drinks";

    /// <summary>The scope of a bundle of everything.</summary>
    public const string WholeHouse = "house";
}

/// <summary>A document in a bundle.</summary>
/// <param name="Path">Where in it.</param>
/// <param name="Type">What it is: <c>build</c>, <c>bar</c> or <c>table</c>.</param>
/// <param name="Sha256">The SHA-256 of its bytes, in small hexadecimal digits (FIPS 180-4).</param>
public sealed record BundleEntry(string Path, string Type, string Sha256);

using System.Text.Json;
using System.Text.Json.Serialization;
using Krasis.Core.Bar;
using Krasis.Core.Builds;

namespace Krasis.App.Files;

/// <summary>A drink in a bundle.</summary>
/// <param name="Schema">Which schema it follows: <c>build-1</c>.</param>
/// <param name="Id">Its id in the house that it comes from.</param>
/// <param name="State">How far it has come there: draft, trial, standard or retired.</param>
/// <param name="Build">How it is made.</param>
/// <param name="Standard">The number of its last standard; missing where it never was one.</param>
public sealed record BundledBuild(string Schema, string Id, string State, BuildDocument Build, long? Standard = null)
{
    /// <summary>The schema that is written.</summary>
    public const string Newest = "build-1";
}

/// <summary>The facts that the drinks of a bundle rest on.</summary>
/// <param name="Schema">Which schema it follows: <c>bar-1</c>.</param>
/// <param name="Bar">The facts.</param>
public sealed record BundledBar(string Schema, BarDocument Bar)
{
    /// <summary>The schema that is written.</summary>
    public const string Newest = "bar-1";
}

/// <summary>How the documents of a bundle are written.</summary>
public static class BundleJson
{
    /// <summary>The type of a drink's document.</summary>
    public const string Build = "build";

    /// <summary>The type of the facts' document.</summary>
    public const string Bar = "bar";

    /// <summary>The type of a table's document.</summary>
    public const string Table = "table";

    /// <summary>As they are written and read: a field that nobody knows is refused and not lost.</summary>
    public static readonly JsonSerializerOptions Options = Settled(
        new(JsonSerializerDefaults.Web)
        {
            DefaultIgnoreCondition = JsonIgnoreCondition.WhenWritingNull,
            NumberHandling = JsonNumberHandling.Strict,
            UnmappedMemberHandling = JsonUnmappedMemberHandling.Disallow,
            RespectNullableAnnotations = true,
            RespectRequiredConstructorParameters = true,
            MaxDepth = 32,
        }
    );

    // Schemas are made of them as well, perhaps before anything was written or read.
    private static JsonSerializerOptions Settled(JsonSerializerOptions options)
    {
        options.MakeReadOnly(populateMissingResolver: true);
        return options;
    }
}

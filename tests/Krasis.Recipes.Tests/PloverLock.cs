using System.Text.Json;
using System.Text.RegularExpressions;
using Krasis.Core.Bar;
using Krasis.Core.Bar.Kinds;

namespace Krasis.Recipes.Tests;

/// <summary>The demo's bar.</summary>
internal static class PloverLock
{
    private static readonly JsonSerializerOptions Options = new(JsonSerializerDefaults.Web)
    {
        ReadCommentHandling = JsonCommentHandling.Skip,
        AllowTrailingCommas = true,
    };

    public static BarDocument Bar { get; } = Read();

    public static BarFacts Facts { get; } = BarReader.Read(Bar).Value;

    // Its days are told from the day that the demo is begun; here it is always the same.
    private static BarDocument Read() =>
        JsonSerializer
            .Deserialize<Whole>(
                Regex.Replace(
                    File.ReadAllText(Path.Combine(AppContext.BaseDirectory, "plover-lock.json")),
                    @"""today(?:[+-]\d+)?""",
                    "\"2026-11-20\""
                ),
                Options
            )!
            .Bar;

    private sealed record Whole(BarDocument Bar);
}

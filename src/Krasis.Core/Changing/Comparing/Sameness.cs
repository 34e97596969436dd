using System.Text.Json;

namespace Krasis.Core.Changing.Comparing;

/// <summary>Whether two parts of a document say the same: their lists are compared by what is in them.</summary>
internal static class Sameness
{
    public static bool Of<T>(T one, T other) => JsonSerializer.Serialize(one) == JsonSerializer.Serialize(other);
}

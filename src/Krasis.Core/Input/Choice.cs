namespace Krasis.Core.Input;

/// <summary>How the members of an enumeration are written in documents.</summary>
public static class Choice
{
    /// <summary>The word for a member: <c>FirstThing</c> is written <c>firstThing</c>.</summary>
    public static string Word<T>(T choice)
        where T : struct, Enum => Words<T>.Of.TryGetValue(choice, out var word) ? word : Written(choice);

    /// <summary>The words for all members, in their order.</summary>
    public static IReadOnlyCollection<string> All<T>()
        where T : struct, Enum => Words<T>.Of.Values;

    /// <summary>The member that a word is for; null where it is for none.</summary>
    public static T? Find<T>(string? word)
        where T : struct, Enum => word is not null && Words<T>.By.TryGetValue(word, out var choice) ? choice : null;

    private static string Written<T>(T choice)
        where T : struct, Enum
    {
        var name = choice.ToString();
        return char.ToLowerInvariant(name[0]) + name[1..];
    }

    // Asking an enumeration for its names takes longer than reading a line with them.
    private static class Words<T>
        where T : struct, Enum
    {
        public static readonly OrderedDictionary<T, string> Of = new(
            Enum.GetValues<T>().Distinct().Select(choice => KeyValuePair.Create(choice, Written(choice)))
        );

        public static readonly Dictionary<string, T> By = Of.ToDictionary(
            pair => pair.Value,
            pair => pair.Key,
            StringComparer.Ordinal
        );
    }
}

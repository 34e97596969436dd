namespace Krasis.Core.Input;

/// <summary>How the members of an enumeration are written in documents.</summary>
public static class Choice
{
    /// <summary>The word for a member: <c>FirstThing</c> is written <c>firstThing</c>.</summary>
    public static string Word<T>(T choice)
        where T : struct, Enum
    {
        var name = choice.ToString();
        return char.ToLowerInvariant(name[0]) + name[1..];
    }
}

namespace Krasis.Store.Files;

/// <summary>The data file cannot be used. The message is for the person who started the program.</summary>
/// <param name="message">Why, and what to do.</param>
/// <param name="inner">What lies behind it, if anything.</param>
public sealed class KrasisFileException(string message, Exception? inner = null) : Exception(message, inner);

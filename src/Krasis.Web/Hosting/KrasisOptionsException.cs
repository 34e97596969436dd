namespace Krasis.Web.Hosting;

/// <summary>The command line is not understood. The message is for the person who typed it.</summary>
public sealed class KrasisOptionsException(string message) : Exception(message);

using System.Text;

namespace Krasis.Web.Hosting;

/// <summary>Tells who sends the request that is being answered. The page says it in a header; nobody proves it
/// yet.</summary>
internal sealed class RequestPerson(IHttpContextAccessor accessor)
{
    /// <summary>The header: the name in UTF-8, percent-encoded.</summary>
    public const string Header = "Krasis-Who";

    private const int Longest = 80;

    /// <summary>The name; empty where it is not said, or outside a request.</summary>
    public string Name()
    {
        if (accessor.HttpContext?.Request.Headers[Header] is not [{ Length: > 0 } said])
        {
            return "";
        }

        var name = new StringBuilder();
        foreach (var letter in Uri.UnescapeDataString(said).Where(letter => !char.IsControl(letter)).Take(Longest))
        {
            name.Append(letter);
        }

        return name.ToString().Trim();
    }
}
